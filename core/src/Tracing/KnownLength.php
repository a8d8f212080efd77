<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tracing;

use OpenGlaze\Core\Outline\Point;

/** A photo taken from straight above: two points a known length apart give its scale. */
final readonly class KnownLength implements PhotoScale
{
    private const LEAST_PX = 10.0;

    private function __construct(private float $mmPerPixel)
    {
    }

    /** @throws TracingException when the points are too close to each other to measure by */
    public static function between(Point $one, Point $other, float $mm): self
    {
        $pixels = $other->minus($one)->length();
        if ($pixels < self::LEAST_PX) {
            throw TracingException::pointsTooClose();
        }

        return new self($mm / $pixels);
    }

    public function onPiece(Point $pixel): Point
    {
        return $pixel->times($this->mmPerPixel);
    }
}
