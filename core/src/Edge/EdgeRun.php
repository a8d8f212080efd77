<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Edge;

/** What a coated edge keeps of an open film, what runs over it, and when to wipe. Amounts of all pieces together. */
final readonly class EdgeRun
{
    private const NEAR_ML_PER_M = 1e-6;

    /**
     * @param  non-empty-list<float>  $wipesMin
     * @param  non-empty-list<float>  $leftMl  what is still to drip after each
     */
    private function __construct(
        public float $laidMm,
        public float $keepsMm,
        public float $staysMm,
        public float $runsOffMl,
        public array $wipesMin,
        /** what stays on the edge itself; null where it has no depth */
        public ?float $edgeFilmLeftMm,
        public float $drippedMl,
        public array $leftMl,
    ) {
    }

    /** @param  float  $coatedEdgeM  of all pieces */
    public static function of(WetEdge $edge, float $coatedEdgeM): self
    {
        $wipes = Wipes::min($edge);

        return new self(
            $edge->film->laidMm,
            $edge->film->face->keepsMm,
            $edge->staysMm(),
            $edge->runsOffMlPerM() * $coatedEdgeM,
            $wipes,
            $edge->depthMm > 0 ? $edge->filmLeftMm() : null,
            $edge->dripsMlPerM() * $coatedEdgeM,
            array_map(static fn (float $min): float => self::toCome($edge->stillToDripMlPerM($edge->clock->mobilityAfter($min))) * $coatedEdgeM, $wipes),
        );
    }

    /** What the last wipe leaves nobody sees. */
    private static function toCome(float $mlPerM): float
    {
        return $mlPerM <= Wipes::LEFT_AT_LAST_ML_PER_M + self::NEAR_ML_PER_M ? 0.0 : $mlPerM;
    }

    public function lastWipeMin(): float
    {
        return $this->wipesMin[count($this->wipesMin) - 1];
    }
}
