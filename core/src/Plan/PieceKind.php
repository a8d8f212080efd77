<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Heat\Base;
use OpenGlaze\Core\Surface\Surface;

/** What a piece is; tells what it needs, not how it is computed. */
enum PieceKind: string
{
    case Canvas = 'canvas';
    case Print = 'print';
    case Board = 'board';
    case Tile = 'tile';
    case Coaster = 'coaster';
    case Tray = 'tray';
    case Tabletop = 'tabletop';
    case Cutout = 'cutout';
    case Slab = 'slab';
    case Casting = 'casting';
    case Mould = 'mould';
    case Bezel = 'bezel';
    case Pendant = 'pendant';
    case Stone = 'stone';
    case Vessel = 'vessel';
    case Other = 'other';

    /** What it is made of, as it takes up the heat of a film: boards where nothing else is known. */
    public function base(Surface $surface): Base
    {
        return match (true) {
            $this === self::Mould, $this === self::Bezel, $this === self::Casting => Base::Mould,
            $this === self::Canvas, $surface === Surface::Fabric => Base::Canvas,
            $this === self::Tile, $this === self::Stone => Base::Stone,
            default => match ($surface) {
                Surface::GlazedTile, Surface::Slate, Surface::UnglazedCeramic, Surface::Glass => Base::Stone,
                Surface::Metal => Base::Metal,
                default => Base::Wood,
            },
        };
    }

    /** How round its edges usually are, mm: a canvas is stretched round its bars, a bevel turns in two steps. */
    public function edgeRadiusMm(EdgeTurn $turn): float
    {
        return match (true) {
            $turn === EdgeTurn::Bevelled => 3.0,
            $this === self::Canvas => 2.0,
            default => 1.0,
        };
    }
}
