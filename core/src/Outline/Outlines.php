<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Outline;

/** Makes outlines of every shape. All lengths in mm. */
final class Outlines
{
    /** @throws OutlineException when the radius is more than half of the shorter side */
    public static function rectangle(float $width, float $height, float $radius = 0): Outline
    {
        return $radius > 0 ? RoundedRectangle::of($width, $height, $radius) : Rectangle::of($width, $height);
    }

    public static function ellipse(float $width, float $height): Outline
    {
        return Region::within(Loop::ellipse(new Point(0, 0), $width / 2, $height / 2), 2 * min($width, $height) / max($width, $height) ** 2);
    }

    /** @throws OutlineException when the inner diameter is not the smaller one */
    public static function ring(float $diameter, float $inner): Outline
    {
        if ($inner >= $diameter) {
            throw OutlineException::ringClosed();
        }

        return Pierced::by(
            Circle::ofDiameter($diameter),
            [Loop::ellipse(new Point($diameter / 2, $diameter / 2), $inner / 2, $inner / 2)],
        );
    }

    /**
     * @param  list<Point>  $points
     *
     * @throws OutlineException when there are too few, or the edge crosses itself
     */
    public static function polygon(array $points): Outline
    {
        if (count($points) < 3) {
            throw OutlineException::tooFewPoints(count($points));
        }

        return Region::within(Loop::through($points));
    }

    /**
     * SVG path data in mm; later subpaths are holes.
     *
     * @throws OutlineException when it is no path data, or no outline
     */
    public static function path(string $data): Outline
    {
        $loops = SvgPath::loops($data);
        $box = $loops[0]->box();
        $home = new Point(-$box->left, -$box->top);

        return Pierced::by(
            Region::within($loops[0]),
            array_map(static fn (Loop $hole): Loop => $hole->moved($home), array_slice($loops, 1)),
        );
    }
}
