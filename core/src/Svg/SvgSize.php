<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Svg;

use DOMElement;
use OpenGlaze\Core\Outline\Affine;

/** How large a drawing is: from its user units to mm. Source: SVG 2, chapter 8; CSS, 96 px to the inch. */
final class SvgSize
{
    private const MM_PER = ['mm' => 1.0, 'cm' => 10.0, 'q' => 0.25, 'in' => 25.4, 'pt' => 25.4 / 72, 'pc' => 25.4 / 6, 'px' => 25.4 / 96, '' => 25.4 / 96];

    /** The map from user units to mm; null when neither width nor height says it. */
    public static function toMm(DOMElement $svg): ?Affine
    {
        $width = self::mm($svg->getAttribute('width'));
        $height = self::mm($svg->getAttribute('height'));
        $box = self::viewBox($svg->getAttribute('viewBox'));
        if ($width === null && $height === null) {
            return null;
        }
        if ($box === null) {
            return Affine::scale(self::MM_PER['px'], self::MM_PER['px']);
        }
        [$across, $down] = [$width === null ? INF : $width / $box[2], $height === null ? INF : $height / $box[3]];
        $stretched = trim($svg->getAttribute('preserveAspectRatio')) === 'none' && is_finite($across) && is_finite($down);

        return ($stretched ? Affine::scale($across, $down) : Affine::scale(min($across, $down), min($across, $down)))
            ->after(Affine::shift(-$box[0], -$box[1]));
    }

    /** A length in mm; null for a share of something, or for none. */
    public static function mm(string $text): ?float
    {
        if (preg_match('/^\s*('.SvgNumbers::ONE.')\s*([a-zA-Z]*)\s*$/', $text, $found) !== 1) {
            return null;
        }
        $unit = self::MM_PER[strtolower($found[2])] ?? null;

        return $unit === null || (float) $found[1] <= 0 ? null : (float) $found[1] * $unit;
    }

    /** @return array{float, float, float, float}|null */
    private static function viewBox(string $text): ?array
    {
        $box = SvgNumbers::of($text);

        return count($box) === 4 && $box[2] > 0 && $box[3] > 0 ? [$box[0], $box[1], $box[2], $box[3]] : null;
    }
}
