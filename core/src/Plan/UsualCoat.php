<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

/**
 * How a new coat begins, until somebody says otherwise: what fills a mould or a recess is dammed, small flat things
 * are held at their edge, a dome always is, and a coat over another ends as that one does.
 */
final readonly class UsualCoat
{
    private function __construct(
        public Containment $containment,
        public SizeBy $by,
        public float $value,
        public Laying $laying,
    ) {
    }

    /** @param  Containment|null  $below  how the coat below ends at the edge; null for the first */
    public static function of(Piece $piece, CoatKind $kind, ?Containment $below): self
    {
        $fills = $piece->areaMm2() === null && $piece->holdsMl() !== null;

        return new self(
            match (true) {
                $kind->needs() !== null => $kind->needs(),
                $fills => Containment::Dammed,
                $below !== null => $below,
                $piece->rim->recessMm !== null, $piece->rim->lipMm !== null => Containment::Dammed,
                default => self::firstOn($piece),
            },
            $fills ? SizeBy::RestLeavingMl : SizeBy::Thickness,
            $fills ? 0.0 : $kind->usualMm(),
            $kind === CoatKind::Seal ? Laying::Brush : Laying::Centre,
        );
    }

    /** A deep edge is flooded over; what is small, or has an edge to keep clean, holds its coat. */
    private static function firstOn(Piece $piece): Containment
    {
        $isHeld = match ($piece->kind) {
            PieceKind::Tile, PieceKind::Coaster, PieceKind::Pendant, PieceKind::Print => true,
            default => false,
        };

        return $isHeld && $piece->outline !== null && $piece->coatedEdgeMm() <= 0 ? Containment::Held : Containment::Open;
    }
}
