<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Svg;

/** The numbers in an attribute, however they are parted. Source: SVG 2, chapter 4. */
final class SvgNumbers
{
    public const ONE = '[-+]?(?:\d+\.?\d*|\.\d+)(?:[eE][-+]?\d+)?';

    /** @return list<float> */
    public static function of(string $text): array
    {
        preg_match_all('/'.self::ONE.'/', $text, $numbers);

        return array_map(floatval(...), $numbers[0]);
    }
}
