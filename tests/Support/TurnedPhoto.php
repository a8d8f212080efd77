<?php

declare(strict_types=1);

namespace Tests\Support;

/** A photo as a camera that was held upright writes it. */
final class TurnedPhoto
{
    /** 60 × 40 px, to be shown turned by a quarter (EXIF orientation 6). */
    public static function jpeg(): string
    {
        $image = imagecreatetruecolor(60, 40);
        ob_start();
        imagejpeg($image);
        $jpeg = (string) ob_get_clean();
        $tiff = "II*\x00\x08\x00\x00\x00\x01\x00\x12\x01\x03\x00\x01\x00\x00\x00\x06\x00\x00\x00\x00\x00\x00\x00";
        $exif = "Exif\x00\x00".$tiff;

        return "\xFF\xD8\xFF\xE1".pack('n', strlen($exif) + 2).$exif.substr($jpeg, 2);
    }
}
