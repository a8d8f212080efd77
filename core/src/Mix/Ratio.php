<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Mix;

/** The maker's ratio of part A to part B, by volume or by weight. */
final readonly class Ratio
{
    private function __construct(
        public float $a,
        public float $b,
        public RatioBy $by,
    ) {
    }

    /** @throws MixException when a part is not positive */
    public static function byVolume(float $a, float $b): self
    {
        return self::of($a, $b, RatioBy::Volume);
    }

    /** @throws MixException when a part is not positive */
    public static function byWeight(float $a, float $b): self
    {
        return self::of($a, $b, RatioBy::Weight);
    }

    /** @throws MixException when a part is not positive */
    public static function of(float $a, float $b, RatioBy $by): self
    {
        if (! ($a > 0) || ! ($b > 0)) {
            throw MixException::ratioNotPositive($a, $b);
        }

        return new self($a, $b, $by);
    }
}
