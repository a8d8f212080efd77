<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Coating;

use OpenGlaze\Core\Amount\LaidBelow;
use OpenGlaze\Core\Amount\SizingException;
use OpenGlaze\Core\Amount\Wetted;
use OpenGlaze\Core\Plan\Coat;

/**
 * The coats of one piece as they come to lie on each other, while a plan is computed. Zones that do not
 * overlap lie side by side in one layer; anything else begins the next.
 */
final class Stack
{
    /** @var list<Layer> */
    private array $layers = [];

    /** What earlier pours took of one piece's recess or mould, ml. */
    private float $takenMl = 0.0;

    /** Mean thickness of all layers over the whole face, mm. */
    private float $meanMm = 0.0;

    /** What has drunk already of the face, and of the coated edge. */
    private float $wetMm2 = 0.0;

    private float $wetEdgeMm = 0.0;

    /** All zones that lie at places of their own, in whatever layer. */
    private readonly ZoneIndex $zones;

    public function __construct()
    {
        $this->zones = new ZoneIndex;
    }

    /** @throws SizingException when the coat's zone does not fit into the layer that it names */
    public function under(Coat $coat): LaidBelow
    {
        $layer = $this->layerOf($coat);
        $above = 0.0;
        for ($at = count($this->layers); $at >= $layer; $at--) {
            $above += $this->layers[$at - 1]->meanMm;
        }
        $below = $layer < 2 ? null : $this->layers[$layer - 2]->last;

        return new LaidBelow(
            $layer === 1,
            $layer,
            max(0.0, $this->meanMm - $above),
            $this->takenMl,
            $below?->coat,
            $below?->isOilFilm() ?? false,
            new Wetted($this->wetMm2, $this->wetEdgeMm, $coat->asked->coverage->zone === null ? 0.0 : $this->zones->overlapMm2($coat->asked->coverage->zone)),
        );
    }

    public function lay(CoatCase $case): void
    {
        $layer = $this->layers[$case->ground->layer - 1] ?? null;
        if ($layer === null) {
            $layer = $this->layers[] = new Layer($case);
            $this->meanMm += $layer->meanMm;
        } else {
            $before = $layer->meanMm;
            $layer->lay($case);
            $this->meanMm += $layer->meanMm - $before;
        }
        $this->takenMl += $case->sized->filmMl;
        $this->wetMm2 += $case->volume->rawMm2;
        $this->wetEdgeMm += $case->volume->rawEdgeMm;
        if ($case->coat->asked->coverage->zone !== null) {
            $this->zones->add($case->coat->asked->coverage->zone);
        }
    }

    private function layerOf(Coat $coat): int
    {
        $top = count($this->layers);
        $zone = $coat->asked->coverage->zone;
        if ($zone === null || $top === 0 || ($zone->layer ?? 0) > $top) {
            return $top + 1;
        }
        $at = $zone->layer ?? $top;
        $conflict = $this->layers[$at - 1]->conflict($coat, $zone, $at);
        if ($conflict === null) {
            return $at;
        }

        return $zone->layer === null ? $top + 1 : throw $conflict;
    }
}
