<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Surface\Surface;

/** What a kind of piece usually is: where a new one begins, until somebody says otherwise. */
final readonly class UsualPiece
{
    /**
     * @param  string  $by  the plan file's shape, or its field of the measure
     * @param  bool  $edges  whether its edges get coated
     */
    private function __construct(
        public string $by,
        public bool $edges,
        public Surface $surface,
        public bool $faceDown = false,
    ) {
    }

    public static function of(PieceKind $kind): self
    {
        return match ($kind) {
            PieceKind::Canvas => new self('rectangle', true, Surface::PrimedCanvas),
            PieceKind::Print => new self('rectangle', false, Surface::Sealed),
            PieceKind::Board => new self('rectangle', true, Surface::RawPly),
            PieceKind::Tile => new self('rectangle', false, Surface::GlazedTile),
            PieceKind::Coaster, PieceKind::Tabletop => new self('circle', false, Surface::Sealed),
            PieceKind::Tray => new self('ellipse', false, Surface::Slate),
            PieceKind::Cutout => new self('path', true, Surface::RawPly),
            PieceKind::Slab => new self('path', true, Surface::RawWood),
            PieceKind::Casting => new self('path', false, Surface::CuredResin, true),
            PieceKind::Mould => new self('water_g', false, Surface::Sealed, true),
            PieceKind::Bezel => new self('water_g', false, Surface::Metal),
            PieceKind::Pendant => new self('circle', false, Surface::Metal),
            PieceKind::Stone => new self('ellipsoid_mm', false, Surface::Slate),
            PieceKind::Vessel => new self('cylinder', false, Surface::PrintedPlastic),
            PieceKind::Other => new self('rectangle', false, Surface::Sealed),
        };
    }
}
