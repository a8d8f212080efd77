<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

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
