<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Batch;

use OpenGlaze\Core\Colour\Colourant;
use OpenGlaze\Core\Colour\ColouredFilm;
use OpenGlaze\Core\Colour\Dose;
use OpenGlaze\Core\Colour\Spectrum;
use OpenGlaze\Core\Plan\ColourCup;

/** One colour cup of a batch: the resin that goes into it, and what is stirred in. */
final readonly class ColourShare
{
    /** @var list<Dose> */
    public array $doses;

    /** What one of its small cups holds, ml of resin; null when it is poured as it is. */
    public ?float $smallCupMl;

    /** What is kept back of it, ml of resin. */
    public float $reserveMl;

    /**
     * @param  float  $resinMl  mixed resin that goes into it, above 0
     * @param  float  $residueMl  what its walls keep, those of its small cups with them
     */
    public function __construct(
        public ColourCup $cup,
        public float $resinMl,
        public float $residueMl,
    ) {
        $this->doses = $cup->colour->dosesFor($resinMl);
        $this->reserveMl = $resinMl * $cup->reservePct / 100;
        $this->smallCupMl = $cup->smallCups === 0 ? null : ($resinMl - $this->reserveMl) / $cup->smallCups;
    }

    /** Colourants by volume of the mixed resin, per cent; fillers apart. */
    public function colourantPct(): float
    {
        return $this->pct(static fn (Colourant $one): bool => $one->isColour());
    }

    public function wateryPct(): float
    {
        return $this->pct(static fn (Colourant $one): bool => $one->isColour() && $one->stuff->isWatery);
    }

    public function fillerPct(): float
    {
        return $this->pct(static fn (Colourant $one): bool => $one->stuff->isFiller);
    }

    /** @param  callable(Colourant): bool  $what */
    public function has(callable $what): bool
    {
        return array_filter($this->doses, static fn (Dose $dose): bool => $what($dose->colourant)) !== [];
    }

    public function hasOil(): bool
    {
        return $this->has(static fn (Colourant $one): bool => $one->stuff->isOil);
    }

    /** Grains settle: it is stirred once more before it is poured. */
    public function isStirredAgain(): bool
    {
        return $this->has(static fn (Colourant $one): bool => $one->form->isDry());
    }

    /** The first of them whose own limit is passed; null when none is. */
    public function overOwnLimit(): ?Dose
    {
        foreach ($this->doses as $dose) {
            if ($dose->colourant->stuff->limitPct !== null && 100 * $dose->ml() / $this->resinMl > $dose->colourant->stuff->limitPct * (1 + 1e-9)) {
                return $dose;
            }
        }

        return null;
    }

    /** How it looks as a film of a thickness in mm over its ground. */
    public function seenOver(Spectrum $ground, float $thicknessMm): Spectrum
    {
        return ColouredFilm::of($this->doses, $this->resinMl)->over($ground, $thicknessMm);
    }

    /** @param  callable(Colourant): bool  $which */
    private function pct(callable $which): float
    {
        $ml = array_sum(array_map(static fn (Dose $dose): float => $which($dose->colourant) ? $dose->ml() : 0.0, $this->doses));

        return 100 * $ml / $this->resinMl;
    }
}
