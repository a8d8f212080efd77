<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Coating;

use OpenGlaze\Core\Amount\SizingException;
use OpenGlaze\Core\Amount\Volume;
use OpenGlaze\Core\Heat\LayerHeat;
use OpenGlaze\Core\Mix\MixException;
use OpenGlaze\Core\Mix\Mixture;

/**
 * How a coat is split into pours: the fewest, all equal, that keep the label's depth; without one, those that
 * stay below 60 °C by themselves on a warm day; or as many as were decided. A coat that is not deep is one pour.
 */
final readonly class LiftPlan
{
    /**
     * @param  int  $count  of pours, 1 or more
     * @param  float|null  $depthMm  of each
     * @param  non-empty-list<Volume>  $volumes  of each pour, in their order
     */
    private function __construct(
        public int $count,
        public ?float $depthMm,
        public Mixture $mixture,
        public array $volumes,
    ) {
    }

    /** @throws SizingException when a pour would be all inclusion, or its catalyst is not known */
    public static function of(CoatCase $case): self
    {
        $total = $case->thicknessMm?->value;
        if ($total === null) {
            return new self(1, null, self::mixtureFor($case, null), self::volumes($case, 1, null));
        }
        $count = 1;
        if ($case->isInLifts()) {
            $deepest = $case->resin->deepestLayerMm();
            $count = $case->coat->manner->lifts ?? self::fewest($case, $total, $deepest);
        }
        $depth = $total / $count;

        return new self($count, $depth, self::mixtureFor($case, $depth), self::volumes($case, $count, $total));
    }

    private static function fewest(CoatCase $case, float $total, ?float $deepest): int
    {
        return $deepest === null ? $case->heat->coolCount($total, LayerHeat::WARMER_K) : max(1, (int) ceil($total / $deepest - 1e-9));
    }

    private static function mixtureFor(CoatCase $case, ?float $depthMm): Mixture
    {
        try {
            return $case->resin->mixture($depthMm);
        } catch (MixException $exception) {
            throw SizingException::catalyst($exception->said);
        }
    }

    /** @return non-empty-list<Volume> */
    private static function volumes(CoatCase $case, int $count, ?float $totalMm): array
    {
        $film = $case->sized->filmMl / $count;
        $volumes = [];
        foreach (range(0, $count - 1) as $lift) {
            $solid = $totalMm === null
                ? $case->volume->allSolidMl()
                : $case->volume->solidMl($totalMm * $lift / $count, $totalMm * ($lift + 1) / $count, $totalMm);
            if ($solid > 0 && $solid >= $film) {
                throw SizingException::allInclusion($solid, $film);
            }
            $volumes[] = $case->volume->of($film, $solid, $lift === 0);
        }

        return $volumes;
    }
}
