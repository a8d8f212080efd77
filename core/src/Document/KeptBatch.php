<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Document;

/** What was computed of a batch and kept beside its cup. */
final readonly class KeptBatch extends Entry
{
    private const CLINGS_ML = 1.0;

    public function potLifeMin(): ?float
    {
        return $this->number('pot_life_min');
    }

    public function totalMl(): ?float
    {
        return $this->number('total_ml');
    }

    /** What was to be left in its cups when all is poured: what clings to them, and what was mixed for safety. */
    public function restMl(): float
    {
        return ($this->number('residue_ml') ?? 0.0) + ($this->number('margin_ml') ?? 0.0);
    }

    /** Whether more is left than clings to cups that are scraped out: that goes on heating. */
    public function hasRest(): bool
    {
        return $this->restMl() >= self::CLINGS_ML;
    }

    public function totalG(): ?float
    {
        return $this->number('total_g');
    }
}
