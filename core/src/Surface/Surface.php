<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Surface;

/** What the face is made of: how much it drinks, and whether it stands a flame. */
enum Surface: string
{
    case RawPly = 'raw_ply';
    case RawMdf = 'raw_mdf';
    case RawWood = 'raw_wood';
    case PrimedCanvas = 'primed_canvas';
    case UnsealedPaper = 'unsealed_paper';
    case Fabric = 'fabric';
    case UnglazedCeramic = 'unglazed_ceramic';
    case Slate = 'slate';
    case PrintedPlastic = 'printed_plastic';
    case GlazedTile = 'glazed_tile';
    case Glass = 'glass';
    case Metal = 'metal';
    /** a finished painting, or print ink on top */
    case Painted = 'painted';
    case Sealed = 'sealed';
    /** sanded and sealed before it is coated */
    case OldPaint = 'old_paint';
    case CuredResin = 'cured_resin';

    /** What drinks so much or more is sealed before it is flooded, ml/m². */
    public const SEAL_FROM_ML_M2 = 60.0;

    /** Estimated soak in ml/m², 0 or more; a studio's own pours correct it. */
    public function soakMlPerM2(): float
    {
        return match ($this) {
            self::RawPly => 90.0,
            self::RawMdf => 120.0,
            self::RawWood => 70.0,
            self::PrimedCanvas => 25.0,
            self::UnsealedPaper => 60.0,
            self::Fabric => 150.0,
            self::UnglazedCeramic => 80.0,
            self::Slate => 30.0,
            self::PrintedPlastic => 20.0,
            self::GlazedTile, self::Glass, self::Metal, self::Painted, self::Sealed, self::OldPaint, self::CuredResin => 0.0,
        };
    }

    /** As it usually looks before it is coated, #rrggbb; an estimate. */
    public function colour(): string
    {
        return match ($this) {
            self::RawPly, self::RawWood => '#d8b98a',
            self::RawMdf => '#b08d62',
            self::PrimedCanvas, self::UnsealedPaper, self::GlazedTile, self::Painted, self::Sealed => '#f1efe9',
            self::Fabric => '#e4ded2',
            self::UnglazedCeramic => '#c98a5e',
            self::Slate => '#3f464b',
            self::PrintedPlastic => '#e8e8e6',
            self::Metal => '#a9adb0',
            self::Glass => '#dfe7e6',
            self::CuredResin, self::OldPaint => '#e9e4d8',
        };
    }

    /** Whether a moving flame above it does no harm. */
    public function toleratesHeat(): bool
    {
        return $this !== self::PrintedPlastic;
    }
}
