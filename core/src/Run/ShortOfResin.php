<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Run;

use OpenGlaze\Core\Batch\Hands;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Mix\Portions;

/** A cup that is empty before its film is on the piece: what the film becomes without the rest, and what it takes to mix it. */
final readonly class ShortOfResin
{
    private function __construct(
        public float $missingMl,
        /** the film where what there is is spread over all of it; null without a face, 0 where nothing is there */
        public ?float $stretchedMm,
        public ?float $askedMm,
        /** the thinnest that still levels what the tool leaves; null where it is to keep its shape, or never does */
        public ?float $thinnestMm,
        /** with what one more cup keeps, and the margin */
        public Portions $mix,
        /** weighing, stirring and pouring together */
        public float $takesMin,
        /** until it no longer heals; never below 0 */
        public float $leftMin,
    ) {
    }

    /**
     * @param  float  $missingMl  of all its pieces, above 0
     * @param  float  $pieces  how many these are
     * @param  float  $atMin  min after the pour; before that, 0
     */
    public static function of(CoatResult $result, float $missingMl, float $pieces, float $atMin): self
    {
        $case = $result->case;
        $areaMm2 = $case->volume->coveredMm2 * $pieces;
        $laid = $case->laidMm() ?? $case->filmMm();
        $share = ($missingMl + $result->volume->residueMl / max(1, $case->coat->manner->cup->cups)) * (1 + $case->studio->hands->marginPct->value / 100) / $result->mix->totalMl();

        return new self(
            $missingMl,
            $areaMm2 <= 0 || $laid === null ? null : max(0.0, $laid - $missingMl * 1000 / $areaMm2),
            $laid,
            $case->coat->mustLevel() ? $result->film->level->thinnestMm : null,
            new Portions($result->mix->aMl * $share, $result->mix->bMl * $share, $result->mix->aG * $share, $result->mix->bG === null ? null : $result->mix->bG * $share),
            Hands::readyMin($case->resin),
            max(0.0, $result->film->flowing->openMin - $atMin),
        );
    }

    /** Whether what there is still levels when it is spread over all of it; null where that is not known. */
    public function stretchLevels(): ?bool
    {
        return $this->stretchedMm === null || $this->thinnestMm === null ? null : $this->stretchedMm >= $this->thinnestMm;
    }

    /** Whether the rest is mixed while the film still takes it. */
    public function isMixedInTime(): bool
    {
        return $this->takesMin <= $this->leftMin;
    }
}
