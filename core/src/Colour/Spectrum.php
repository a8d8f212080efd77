<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Colour;

use InvalidArgumentException;

/**
 * A colour on ten bands of light from 380 to 720 nm: how much of each it throws back, or takes, 0 and up.
 *
 * Source: bands for a screen colour from B. Smits, An RGB to spectrum conversion for reflectances (1999);
 * what an eye sees of them by the fits of Wyman, Sloan, Shirley, Simple analytic approximations to the CIE
 * XYZ color matching functions (2013), against an even light.
 */
final readonly class Spectrum
{
    public const BANDS = 10;

    private const FROM_NM = 380.0;

    private const BAND_NM = 34.0;

    private const WHITE = [1.0, 1.0, 0.9999, 0.9993, 0.9992, 0.9998, 1.0, 1.0, 1.0, 1.0];

    private const CYAN = [0.9710, 0.9426, 1.0007, 1.0007, 1.0007, 1.0007, 0.1564, 0.0, 0.0, 0.0];

    private const MAGENTA = [1.0, 1.0, 0.9685, 0.2229, 0.0, 0.0458, 0.8369, 1.0, 1.0, 0.9959];

    private const YELLOW = [0.0001, 0.0, 0.1088, 0.6651, 1.0, 1.0, 0.9996, 0.9586, 0.9685, 0.9840];

    private const RED = [0.1012, 0.0515, 0.0, 0.0, 0.0, 0.0, 0.8325, 1.0149, 1.0149, 1.0149];

    private const GREEN = [0.0, 0.0, 0.0273, 0.7937, 1.0, 0.9418, 0.1719, 0.0, 0.0, 0.0025];

    private const BLUE = [1.0, 1.0, 0.8916, 0.3323, 0.0, 0.0, 0.0003, 0.0369, 0.0483, 0.0496];

    /** XYZ to linear red, green and blue of a screen (IEC 61966-2-1). */
    private const TO_SCREEN = [[3.2406, -1.5372, -0.4986], [-0.9689, 1.8758, 0.0415], [0.0557, -0.2040, 1.0570]];

    /** Nothing seen is blacker or whiter than this. */
    private const DARKEST = 0.004;

    private const LIGHTEST = 0.985;

    /** @param  non-empty-list<float>  $bands */
    private function __construct(public array $bands)
    {
    }

    /** @param  callable(int): float  $of  a band's value by its number from 0 */
    public static function each(callable $of): self
    {
        return new self(array_map($of, range(0, self::BANDS - 1)));
    }

    /** Reflectances that look like a screen colour, #rrggbb. @throws InvalidArgumentException when it is none */
    public static function ofColour(string $colour): self
    {
        if (preg_match('/^#([0-9a-f]{2})([0-9a-f]{2})([0-9a-f]{2})$/i', $colour, $found) !== 1) {
            throw new InvalidArgumentException('a colour is written as # and six digits');
        }
        [$red, $green, $blue] = array_map(static fn (string $two): float => self::linear(hexdec($two) / 255), array_slice($found, 1));
        $mixed = self::layered([[$red, self::RED, self::CYAN], [$green, self::GREEN, self::MAGENTA], [$blue, self::BLUE, self::YELLOW]]);

        return self::each(static fn (int $band): float => min(self::LIGHTEST, max(self::DARKEST, $mixed[$band])));
    }

    /** As a screen shows it, #rrggbb. */
    public function colour(): string
    {
        $white = self::seen(self::each(static fn (): float => 1.0));
        $light = [];
        foreach (self::seen($this) as $at => $value) {
            $light[] = self::screen(min(1.0, max(0.0, $value / $white[$at])));
        }

        return sprintf('#%02x%02x%02x', ...$light);
    }

    /** How light it looks, 0 to 1. */
    public function lightness(): float
    {
        [$red, $green, $blue] = array_map(static fn (string $two): float => self::linear(hexdec($two) / 255), str_split(substr($this->colour(), 1), 2));

        return 0.2126 * $red + 0.7152 * $green + 0.0722 * $blue;
    }

    /**
     * White up to the least of the three, then the secondary of the two that are left, then the largest by itself.
     *
     * @param  list<array{float, list<float>, list<float>}>  $primaries  amount, its own bands, those of white without it
     * @return list<float>
     */
    private static function layered(array $primaries): array
    {
        usort($primaries, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        [[$least, , $without], [$middle], [$most, $own]] = $primaries;
        $bands = [];
        for ($band = 0; $band < self::BANDS; $band++) {
            $bands[] = $least * self::WHITE[$band] + ($middle - $least) * $without[$band] + ($most - $middle) * $own[$band];
        }

        return $bands;
    }

    /** @return list<float> linear red, green, blue */
    private static function seen(self $spectrum): array
    {
        $xyz = [0.0, 0.0, 0.0];
        foreach ($spectrum->bands as $band => $value) {
            foreach (self::matching(self::FROM_NM + ($band + 0.5) * self::BAND_NM) as $at => $weight) {
                $xyz[$at] += $value * $weight;
            }
        }

        return array_map(static fn (array $row): float => $row[0] * $xyz[0] + $row[1] * $xyz[1] + $row[2] * $xyz[2], self::TO_SCREEN);
    }

    /** @return array{float, float, float} */
    private static function matching(float $nm): array
    {
        $lobe = static fn (float $height, float $middle, float $below, float $above): float => $height * exp(-0.5 * (($nm - $middle) / ($nm < $middle ? $below : $above)) ** 2);

        return [
            $lobe(1.056, 599.8, 37.9, 31.0) + $lobe(0.362, 442.0, 16.0, 26.7) + $lobe(-0.065, 501.1, 20.4, 26.2),
            $lobe(0.821, 568.8, 46.9, 40.5) + $lobe(0.286, 530.9, 16.3, 31.1),
            $lobe(1.217, 437.0, 11.8, 36.0) + $lobe(0.681, 459.0, 26.0, 13.8),
        ];
    }

    private static function linear(float $value): float
    {
        return $value <= 0.04045 ? $value / 12.92 : (($value + 0.055) / 1.055) ** 2.4;
    }

    private static function screen(float $linear): int
    {
        return (int) round(255 * ($linear <= 0.0031308 ? 12.92 * $linear : 1.055 * $linear ** (1 / 2.4) - 0.055));
    }
}
