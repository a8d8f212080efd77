<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Reading;

use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Outline\Circle;
use OpenGlaze\Core\Outline\Outline;
use OpenGlaze\Core\Outline\OutlineException;
use OpenGlaze\Core\Outline\Outlines;
use OpenGlaze\Core\Outline\Pierced;
use OpenGlaze\Core\Outline\Point;
use OpenGlaze\Core\Outline\Rectangle;
use OpenGlaze\Core\Plan\Shape;

/** Reads an outline with its holes. */
final class OutlineReader
{
    public const LEAST_MM = 0.1;

    public const MOST_MM = 10_000.0;

    private const MOST_POINTS = 100_000;

    private const MOST_HOLES = 1_000;

    public function read(Node $node): Outline
    {
        try {
            return $this->pierced($node, $this->shape($node));
        } catch (OutlineException $exception) {
            $node->faultHere($exception->said);

            return Rectangle::of(1, 1);
        }
    }

    private function shape(Node $node): Outline
    {
        $length = static fn (string $field): float => $node->number($field, self::LEAST_MM, self::MOST_MM, 'mm')->value;
        $outline = match ($node->choice('shape', Shape::class)) {
            Shape::Rectangle => Outlines::rectangle($length('width_mm'), $length('height_mm'), $node->numberOr('radius_mm', 0, 0, self::MOST_MM, 'mm')->value),
            Shape::Circle => Circle::ofDiameter($length('diameter_mm')),
            Shape::Ellipse => Outlines::ellipse($length('width_mm'), $length('height_mm')),
            Shape::Ring => $this->ring($node, $length('diameter_mm'), $length('inner_mm')),
            Shape::Polygon => $this->polygon($node),
            Shape::Path => $node->has('d') ? Outlines::path($node->text('d', self::MOST_POINTS * 20)) : $this->missing($node, 'd'),
            null => Rectangle::of(1, 1),
        };
        $longest = max($outline->boxWidthMm(), $outline->boxHeightMm());
        if ($longest > self::MOST_MM || $longest < self::LEAST_MM) {
            $node->faultHere(Message::of('plan.longest_side', least: Measure::number(self::LEAST_MM, 3), most: Measure::count(self::MOST_MM)));
        }

        return $outline;
    }

    private function ring(Node $node, float $diameter, float $inner): Outline
    {
        if ($inner < $diameter) {
            return Outlines::ring($diameter, $inner);
        }
        $node->fault('inner_mm', OutlineException::ringClosed()->said);

        return Rectangle::of(1, 1);
    }

    private function polygon(Node $node): Outline
    {
        $raw = $node->raw('points_mm');
        if (! is_array($raw)) {
            return $this->missing($node, 'points_mm');
        }
        if (count($raw) > self::MOST_POINTS) {
            $node->fault('points_mm', Message::of('plan.many_points', count: Measure::count(count($raw)), most: Measure::count(self::MOST_POINTS)));

            return Rectangle::of(1, 1);
        }
        $points = [];
        foreach (array_values($raw) as $index => $pair) {
            [$x, $y] = is_array($pair) && count($pair) === 2 ? array_values($pair) : [null, null];
            if (! self::isCoordinate($x) || ! self::isCoordinate($y)) {
                $node->faultAtEntry('points_mm', $index, Message::of('plan.point'));

                return Rectangle::of(1, 1);
            }
            $points[] = new Point((float) $x, (float) $y);
        }

        // who draws a polygon round comes back to where they began
        if (count($points) > 3 && $points[0]->minus($points[count($points) - 1])->length() === 0.0) {
            array_pop($points);
        }

        return Outlines::polygon($points);
    }

    private function pierced(Node $node, Outline $whole): Outline
    {
        $holes = [];
        foreach ($node->objects('holes', self::MOST_HOLES) as $hole) {
            $hole->refuse('holes', Message::of('plan.hole_in_hole'));
            $outline = $this->shape($hole);
            $place = new Point(
                $hole->number('x_mm', 0, self::MOST_MM, 'mm')->value,
                $hole->number('y_mm', 0, self::MOST_MM, 'mm')->value,
            );
            $holes[] = $outline->edge()->moved($place);
        }

        return $holes === [] ? $whole : Pierced::by($whole, [...$whole->holes(), ...$holes]);
    }

    private function missing(Node $node, string $field): Outline
    {
        $node->fault($field, $node->has($field) ? Message::of('plan.list_of_points') : Message::of('plan.missing'));

        return Rectangle::of(1, 1);
    }

    /** @phpstan-assert-if-true int|float $value */
    private static function isCoordinate(mixed $value): bool
    {
        return (is_int($value) || is_float($value)) && abs($value) <= self::MOST_MM;
    }
}
