<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Coating;

use LogicException;
use OpenGlaze\Core\Amount\Face;
use OpenGlaze\Core\Amount\Ground;
use OpenGlaze\Core\Amount\SizingException;
use OpenGlaze\Core\Amount\Wetted;
use OpenGlaze\Core\Outline\Overlap;
use OpenGlaze\Core\Plan\Coat;
use OpenGlaze\Core\Plan\Zone;

/**
 * The coats of every piece as they come to lie on each other, while a plan is computed. Zones that do
 * not overlap lie side by side in one layer; anything else begins the next.
 */
final class Stacks
{
    /** How far the shares of one layer may pass the whole, per cent. */
    private const SHARES_NEAR_PCT = 0.1;

    /** Zones that share less than this part of the smaller one only touch. */
    private const TOUCHING = 0.005;

    /** @var array<string, list<list<CoatCase>>> layers of cases by piece */
    private array $layers = [];

    /** @var array<string, Wetted> by piece */
    private array $wetted = [];

    /** @throws SizingException when the coat's zone does not fit into the layer that it names */
    public function under(Coat $coat): Ground
    {
        $layers = $this->layers[$coat->pieceId] ?? [];
        $layer = $this->layerOf($coat, $layers);
        $below = array_merge(...array_slice($layers, 0, $layer - 1));
        $last = $layers === [] ? [] : $layers[count($layers) - 1];
        $under = ($below === [] ? null : $below[count($below) - 1]) ?? ($layer > 1 ? $last[0] ?? null : null);

        return new Ground(
            $layer === 1,
            $layer,
            array_sum(array_map(static fn (CoatCase $case): float => $case->meanOnPieceMm() ?? 0.0, $below)),
            array_sum(array_map(static fn (CoatCase $case): float => $case->sized->filmMl, array_merge(...$layers))),
            $under?->coat,
            $under?->isOilFilm() ?? false,
            $this->wetted[$coat->pieceId] ?? null,
        );
    }

    public function lay(CoatCase $case): void
    {
        $layers = $this->layers[$case->coat->pieceId] ?? [];
        $layers[$case->ground->layer - 1] = [...($layers[$case->ground->layer - 1] ?? []), $case];
        $this->layers[$case->coat->pieceId] = $layers;
        $this->wetted[$case->coat->pieceId] = ($this->wetted[$case->coat->pieceId] ?? Wetted::nothing())->under($case->volume->rawMm2, $case->volume->rawEdgeMm, $case->coat->zone);
    }

    /** @param  list<list<CoatCase>>  $layers */
    private function layerOf(Coat $coat, array $layers): int
    {
        if ($coat->zone === null || $layers === []) {
            return count($layers) + 1;
        }
        $top = count($layers);
        $asked = $coat->zone->layer;
        if ($asked !== null && $asked > $top) {
            return $top + 1;
        }
        $at = $asked ?? $top;
        $conflict = $this->conflict($coat, $layers[$at - 1], $at);
        if ($conflict === null) {
            return $at;
        }

        return $asked === null ? $top + 1 : throw $conflict;
    }

    /** @param  list<CoatCase>  $layer */
    private function conflict(Coat $coat, array $layer, int $number): ?SizingException
    {
        $zone = $coat->zone ?? throw new LogicException('Only zones share a layer.');
        $shares = $layer === [] ? 0.0 : self::sharePct($zone, Face::of($layer[0]->piece, $coat), $layer[0]);
        foreach ($layer as $case) {
            $other = $case->coat->zone;
            if ($other === null) {
                return SizingException::zonesOverlap($case->coat->id, $number);
            }
            $shares += self::sharePct($other, $case->face, $case);
            if (self::overlap($zone, $other)) {
                return SizingException::zonesOverlap($other->name, $number);
            }
        }

        return $shares > 100 + self::SHARES_NEAR_PCT ? SizingException::sharesPastWhole($shares) : null;
    }

    /** How much of the piece a zone takes, per cent: as it is said, or as far as its outline lies on it. */
    private static function sharePct(Zone $zone, Face $face, CoatCase $on): float
    {
        return $zone->sharePct->value ?? 100 * ($face->areaMm2 ?? 0.0) / max(1e-9, $on->piece->areaMm2() ?? 0.0);
    }

    private static function overlap(Zone $one, Zone $other): bool
    {
        if ($one->outline === null || $one->at === null || $other->outline === null || $other->at === null) {
            return false;
        }

        return Overlap::areaMm2($one->outline, $one->at, $other->outline, $other->at)
            > self::TOUCHING * min($one->outline->areaMm2(), $other->outline->areaMm2());
    }
}
