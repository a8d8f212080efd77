<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Amount;

use OpenGlaze\Core\Held\DomeEdge;
use OpenGlaze\Core\Outline\Outline;
use OpenGlaze\Core\Outline\Overlap;
use OpenGlaze\Core\Outline\Point;
use OpenGlaze\Core\Plan\Coat;
use OpenGlaze\Core\Plan\Piece;
use OpenGlaze\Core\Plan\Zone;
use OpenGlaze\Core\Quantity\Sourced;
use OpenGlaze\Core\Surface\Surface;

/** What one coat covers of one piece: the whole face, a zone of it, or the surface of a body. */
final readonly class Face
{
    /** A zone that loses less than this share at the edge lies on the piece as a whole. */
    private const WHOLE_WITHIN = 0.003;

    /**
     * @param  float|null  $areaMm2  null for what has no face, as a thing that is counted
     * @param  float|null  $edgeMm  length of its outer edge and its holes' edges
     * @param  DomeEdge|null  $domeEdge  the edge that holds a film on it
     * @param  float  $coatedEdgeMm  of the piece's edge, what this coat runs over
     * @param  float  $turnDeg  how far the surface turns away at its edge
     */
    private function __construct(
        public ?float $areaMm2,
        public ?float $edgeMm,
        public ?DomeEdge $domeEdge,
        public float $coatedEdgeMm,
        public float $turnDeg,
        public ?float $longestMm,
        public Surface $surface,
        public Sourced $soakMlPerM2,
        public bool $toleratesHeat,
    ) {
    }

    /** @throws SizingException when a zone has no face to lie on, or lies beside it */
    public static function of(Piece $piece, Coat $coat): self
    {
        $zone = $coat->asked->coverage->zone;
        if ($zone === null) {
            return self::whole($piece);
        }
        if ($piece->outline === null) {
            throw SizingException::zoneWithoutFace();
        }

        return $zone->outline === null || $zone->at === null
            ? self::share($piece, $zone, $piece->outline)
            : self::zone($piece, $zone, $piece->outline, $zone->outline, $zone->at);
    }

    private static function whole(Piece $piece): self
    {
        $outline = $piece->outline;

        return new self(
            $piece->areaMm2(),
            $outline === null ? null : $outline->perimeterMm() + $outline->holePerimeterMm(),
            $outline === null ? null : DomeEdge::of($outline),
            $piece->coatedEdgeMm(),
            $piece->edge->turn->degrees(),
            $piece->longestSideMm(),
            $piece->face->surface,
            $piece->face->soakMlPerM2,
            $piece->face->toleratesHeat,
        );
    }

    private static function share(Piece $piece, Zone $zone, Outline $outline): self
    {
        $share = ($zone->sharePct->value ?? 100.0) / 100;

        return new self($outline->areaMm2() * $share, null, null, $piece->coatedEdgeMm() * $share, 0.0, $piece->longestSideMm(), ...self::ground($piece, $zone));
    }

    private static function zone(Piece $piece, Zone $zone, Outline $outline, Outline $own, Point $at): self
    {
        $area = $own->areaMm2();
        $on = Overlap::areaMm2($outline, new Point(0, 0), $own, $at);
        if ($on <= 0) {
            throw SizingException::zoneOutside();
        }

        return new self(
            $on < $area * (1 - self::WHOLE_WITHIN) ? $on : $area,
            $own->perimeterMm() + $own->holePerimeterMm(),
            DomeEdge::of($own),
            $piece->coatedEdgeMm() > 0 ? $piece->coatedEdgeMm() * Overlap::shareOfEdge($outline, $own, $at) : 0.0,
            0.0,
            max($own->boxWidthMm(), $own->boxHeightMm()),
            ...self::ground($piece, $zone),
        );
    }

    /** @return array{Surface, Sourced, bool} */
    private static function ground(Piece $piece, Zone $zone): array
    {
        $surface = $zone->surface ?? $piece->face->surface;

        return [
            $surface,
            $zone->soakMlPerM2 ?? ($zone->surface === null ? $piece->face->soakMlPerM2 : Sourced::assumed($surface->soakMlPerM2())),
            $zone->surface === null ? $piece->face->toleratesHeat : $surface->toleratesHeat(),
        ];
    }
}
