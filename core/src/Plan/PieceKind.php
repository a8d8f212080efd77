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
}
