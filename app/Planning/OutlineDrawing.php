<?php

declare(strict_types=1);

namespace App\Planning;

use OpenGlaze\Core\Body\Cylinder;
use OpenGlaze\Core\Outline\Circle;
use OpenGlaze\Core\Outline\Loop;
use OpenGlaze\Core\Outline\Outline;
use OpenGlaze\Core\Outline\Outlines;
use OpenGlaze\Core\Outline\Pierced;
use OpenGlaze\Core\Outline\Point;
use OpenGlaze\Core\Outline\Rectangle;
use OpenGlaze\Core\Outline\RoundedRectangle;
use OpenGlaze\Core\Plan\Piece;

/** A piece as the pages draw it from above: its box in mm, and its edge with its holes as SVG path data. */
final class OutlineDrawing
{
    /** What is counted or measured by water has no size: it is drawn as a disc of so many mm. */
    private const STANDS_FOR_MM = 60.0;

    /** @return array{width_mm: float, height_mm: float, sides: bool, round: bool, radius_mm: float, edge: string, holes: string, by: string, ml: float|null} */
    public static function of(Piece $piece): array
    {
        $outline = $piece->outline ?? self::standIn($piece);
        $whole = $outline instanceof Pierced ? $outline->whole : $outline;

        return [
            'width_mm' => $outline->boxWidthMm(),
            'height_mm' => $outline->boxHeightMm(),
            'sides' => $piece->outline !== null && ($whole instanceof Rectangle || $whole instanceof RoundedRectangle),
            'round' => $whole instanceof Circle,
            'radius_mm' => $whole instanceof RoundedRectangle ? $whole->radiusMm : 0.0,
            'edge' => self::path($outline->edge()),
            'holes' => implode('', array_map(self::path(...), $outline->holes())),
            'by' => match (true) {
                $piece->outline !== null => 'outline',
                $piece->body?->eachMl() !== null => 'count',
                $piece->areaMm2() === null => 'water',
                default => 'body',
            },
            'ml' => $piece->body?->eachMl() ?? $piece->holdsMl(),
        ];
    }

    private static function standIn(Piece $piece): Outline
    {
        $box = $piece->body?->boxMm();

        return $box === null ? Circle::ofDiameter(self::STANDS_FOR_MM) : ($piece->body instanceof Cylinder ? Rectangle::of($box[0], $box[1]) : Outlines::ellipse($box[0], $box[1]));
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
