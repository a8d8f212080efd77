<?php

declare(strict_types=1);

namespace Database\Seeders;

use GdImage;
use OpenGlaze\Core\Document\PieceEntry;

/** Draws a simple picture of a coated piece: a night sky under gloss, as the demo's log would show it. */
final class DemoPhoto
{
    private const WIDTH = 900;

    private const HEIGHT = 640;

    private const KEPT_WIDTH = 640;

    private const RINGS = 20;

    private const SKIES = [[24, 40, 74], [52, 34, 66], [20, 62, 70], [70, 44, 30], [30, 30, 46]];

    public static function jpeg(PieceEntry $piece, int $seed): string
    {
        mt_srand(1000 + $seed);
        $image = imagecreatetruecolor(self::WIDTH, self::HEIGHT);
        imagefill($image, 0, 0, self::colour($image, 176, 168, 152));
        self::bench($image);
        $round = $piece->text('outline.shape') === 'circle';
        self::sky($image, $round, self::SKIES[$seed % count(self::SKIES)]);
        self::light($image, $round);
        // a camera's edges are soft
        $soft = imagescale($image, self::KEPT_WIDTH) ?: $image;
        ob_start();
        imagejpeg($soft, null, 82);

        return (string) ob_get_clean();
    }

    private static function bench(GdImage $image): void
    {
        for ($y = 0; $y < self::HEIGHT; $y += 7) {
            imageline($image, 0, $y, self::WIDTH, $y + mt_rand(-3, 3), self::colour($image, 166, 157, 140));
        }
    }

    /** @param  array{int, int, int}  $sky */
    private static function sky(GdImage $image, bool $round, array $sky): void
    {
        for ($ring = 0; $ring < self::RINGS; $ring++) {
            $light = $ring / self::RINGS;
            $colour = self::colour($image, ...array_map(static fn (int $part): int => min(255, (int) ($part + 90 * $light)), $sky));
            $inset = intdiv($ring * 240, self::RINGS);
            $round
                ? imagefilledellipse($image, 450, 320, 540 - $inset, 540 - $inset, $colour)
                : imagefilledrectangle($image, 130 + $inset, 110 + intdiv($inset, 2), 770 - $inset, 530 - intdiv($inset, 2), $colour);
        }
        for ($star = 0; $star < 70; $star++) {
            $angle = mt_rand(0, 628) / 100;
            $reach = sqrt(mt_rand(0, 1000) / 1000);
            $size = mt_rand(2, 5);
            imagefilledellipse($image, (int) (450 + cos($angle) * $reach * ($round ? 250 : 300)), (int) (320 + sin($angle) * $reach * ($round ? 250 : 190)), $size, $size, self::colour($image, 240, 214, 150));
        }
    }

    private static function light(GdImage $image, bool $round): void
    {
        imagealphablending($image, true);
        for ($band = 0; $band < 14; $band++) {
            $colour = imagecolorallocatealpha($image, 255, 255, 255, 104 + $band);
            imagefilledpolygon($image, $round
                ? [300 + $band * 2, 200 - $band, 400 + $band, 150 - $band, 360 + $band, 240, 280 + $band, 300]
                : [180 + $band * 3, 140, 330 + $band * 2, 140, 250 + $band * 2, 300, 170 + $band * 2, 300], (int) $colour);
        }
    }

    private static function colour(GdImage $image, int $red, int $green, int $blue): int
    {
        return (int) imagecolorallocate($image, max(0, min(255, $red)), max(0, min(255, $green)), max(0, min(255, $blue)));
    }
}
