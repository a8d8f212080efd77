<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Edge;

/** How an open film looks from the pour until it has gelled: what is drawn of it. */
final readonly class FilmStrip
{
    private const FRAMES = 24;

    /** Coarser than what is told in figures: nobody sees a hundredth of a line. */
    private const CELLS = 22;

    private const STEP = 1.0;

    /** Thinner than this share of its middle counts as thin. */
    private const THIN_SHARE = 0.9;

    /**
     * @param  list<float>  $fromEdgeMm  where the profiles are given, from the edge inwards
     * @param  list<FilmFrame>  $frames  in time; the last as it sets
     */
    private function __construct(
        public array $fromEdgeMm,
        public array $frames,
        /** from the edge inwards, where it sets thinner than nine tenths of its middle; 0 where it nowhere does */
        public float $thinWithinMm,
    ) {
    }

    /** @param  float  $untilMin  after the pour, that is shown at the least */
    public static function of(WetEdge $edge, float $untilMin): self
    {
        $until = max($untilMin, 1.05 * max(Wipes::min($edge)));
        $times = array_map(static fn (int $frame): float => $until * $frame / self::FRAMES, range(0, self::FRAMES));
        $mobilities = [...array_map($edge->clock->mobilityAfter(...), $times), $edge->clock->mobilityInTheEnd()];
        $profiles = $edge->film->profiles($mobilities, self::CELLS, self::STEP);
        $frames = [];
        foreach ($mobilities as $at => $mobility) {
            $frames[] = new FilmFrame(
                $times[$at] ?? null,
                $edge->film->meanMm($mobility),
                $edge->filmMm($mobility),
                $edge->stillToDripMlPerM($mobility),
                array_reverse(array_column($profiles[$at], 1)),
            );
        }
        $fromEdge = array_map(static fn (array $point): float => (1 - $point[0]) * $edge->film->face->halfWidthMm(), array_reverse($profiles[0]));

        return new self($fromEdge, $frames, self::thinWithinMm($fromEdge, $frames[count($frames) - 1]->profileMm));
    }

    /**
     * @param  list<float>  $fromEdge
     * @param  list<float>  $profile
     */
    private static function thinWithinMm(array $fromEdge, array $profile): float
    {
        $thin = self::THIN_SHARE * $profile[count($profile) - 1];
        foreach ($profile as $at => $mm) {
            if ($mm >= $thin) {
                return $at === 0 ? 0.0 : $fromEdge[$at - 1] + ($fromEdge[$at] - $fromEdge[$at - 1]) * ($thin - $profile[$at - 1]) / ($mm - $profile[$at - 1]);
            }
        }

        return $fromEdge[count($fromEdge) - 1];
    }
}
