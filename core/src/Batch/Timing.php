<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Batch;

use OpenGlaze\Core\Plan\Pouring;

/** How long the hands need to pour some shares out of one cup and to spread them, min. */
final readonly class Timing
{
    /**
     * @param  non-empty-list<Share>  $shares  in the order in which they are poured
     * @param  float  $colouringMin  splitting off and stirring its colours, before the first pour
     * @param  float  $pourMin  all pours
     * @param  float  $spreadMin  all of the spreading
     */
    private function __construct(
        public array $shares,
        public Pouring $pouring,
        public float $colouringMin,
        public float $pourMin,
        public float $spreadMin,
    ) {
    }

    /**
     * @param  non-empty-list<Share>  $shares  in the order in which they are poured
     * @param  Pouring|null  $asked  null for the usual: together where there are several pieces, one by one for effects that are made in the pour
     * @param  int|null  $colours  cups that are coloured; null for as many as the shares have colours
     */
    public static function of(array $shares, ?Pouring $asked = null, ?int $colours = null): self
    {
        [$pour, $spread, $names] = [0.0, 0.0, []];
        foreach ($shares as $share) {
            $pour += $share->count * $share->pourEachMin;
            $spread += $share->count * $share->spreadEachMin;
            $names += array_flip($share->colours);
        }

        return new self($shares, $asked ?? self::usual($shares), Hands::colouringMin($colours ?? count($names)), $pour, $spread);
    }

    /** When the cup is empty, after the end of the mixing: one by one it counts as emptied when the last is spread. */
    public function emptiedMin(): float
    {
        return $this->colouringMin + $this->pourMin + ($this->pouring === Pouring::Together ? 0.0 : $this->spreadMin);
    }

    /** @param  non-empty-list<Share>  $shares */
    private static function usual(array $shares): Pouring
    {
        $pieces = 0;
        foreach ($shares as $share) {
            if ($share->isMadeInThePour) {
                return Pouring::OneByOne;
            }
            $pieces += $share->count;
        }

        return $pieces > 1 ? Pouring::Together : Pouring::OneByOne;
    }
}
