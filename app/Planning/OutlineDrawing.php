<?php

declare(strict_types=1);

namespace App\Planning;

use OpenGlaze\Core\Outline\Circle;
use OpenGlaze\Core\Outline\Loop;
use OpenGlaze\Core\Outline\Outline;
use OpenGlaze\Core\Outline\Pierced;
use OpenGlaze\Core\Outline\Point;
use OpenGlaze\Core\Outline\Rectangle;
use OpenGlaze\Core\Outline\RoundedRectangle;

/** An outline as the pages draw it: its box in mm, and its edge with its holes as SVG path data. */
final class OutlineDrawing
{
    /** @return array{width_mm: float, height_mm: float, sides: bool, round: bool, radius_mm: float, edge: string, holes: string} */
    public static function of(Outline $outline): array
    {
        $whole = $outline instanceof Pierced ? $outline->whole : $outline;

        return [
            'width_mm' => $outline->boxWidthMm(),
            'height_mm' => $outline->boxHeightMm(),
            'sides' => $whole instanceof Rectangle || $whole instanceof RoundedRectangle,
            'round' => $whole instanceof Circle,
            'radius_mm' => $whole instanceof RoundedRectangle ? $whole->radiusMm : 0.0,
            'edge' => self::path($outline->edge()),
            'holes' => implode('', array_map(self::path(...), $outline->holes())),
        ];
    }

    private static function path(Loop $loop): string
    {
        $points = array_map(
            static fn (Point $point): string => round($point->x, 2).' '.round($point->y, 2),
            $loop->points($loop->box()->toleranceMm()),
        );

        return 'M'.implode('L', $points).'Z';
    }
}
