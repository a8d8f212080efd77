<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Svg;

use OpenGlaze\Core\Outline\Affine;

/** Reads the transform attribute of SVG. Source: CSS Transforms 1, chapter 8. */
final class SvgTransform
{
    /** @throws SvgException when it cannot be read */
    public static function of(string $text): Affine
    {
        $map = Affine::identity();
        if (preg_match('/^\s*(?:[a-zA-Z]+\s*\([^()]*\)[\s,]*)*$/', $text) !== 1) {
            throw SvgException::badTransform($text);
        }
        preg_match_all('/([a-zA-Z]+)\s*\(([^()]*)\)/', $text, $found, PREG_SET_ORDER);
        foreach ($found as [$whole, $name, $arguments]) {
            $map = $map->after(self::one($name, SvgNumbers::of($arguments)) ?? throw SvgException::badTransform($whole));
        }

        return $map;
    }

    /** @param  list<float>  $n */
    private static function one(string $name, array $n): ?Affine
    {
        return match ([$name, count($n)]) {
            ['matrix', 6] => new Affine(...$n),
            ['translate', 1] => Affine::shift($n[0], 0),
            ['translate', 2] => Affine::shift($n[0], $n[1]),
            ['scale', 1] => Affine::scale($n[0], $n[0]),
            ['scale', 2] => Affine::scale($n[0], $n[1]),
            ['rotate', 1] => Affine::turn($n[0]),
            ['rotate', 3] => Affine::shift($n[1], $n[2])->after(Affine::turn($n[0]))->after(Affine::shift(-$n[1], -$n[2])),
            ['skewX', 1] => Affine::skew($n[0], 0),
            ['skewY', 1] => Affine::skew(0, $n[0]),
            default => null,
        };
    }
}
