<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Document;

/** What was computed of a batch and kept beside its cup. */
final readonly class KeptBatch extends Entry
{
    public function potLifeMin(): ?float
    {
        return $this->number('pot_life_min');
    }

    public function totalMl(): ?float
    {
        return $this->number('total_ml');
    }

    public function totalG(): ?float
    {
        return $this->number('total_g');
    }
}
