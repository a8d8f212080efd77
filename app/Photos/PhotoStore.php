<?php

declare(strict_types=1);

namespace App\Photos;

use App\Typed\FieldException;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Intervention\Image\ImageManager;
use OpenGlaze\Core\Message\Message;
use Throwable;

/** Keeps photos upright, at a sensible size, and without what a camera wrote into them besides. */
final class PhotoStore
{
    public const MOST_MEGABYTES = 20;

    public const MOST_MEGAPIXELS = 50;

    private const LONGEST_SIDE_PX = 2000;

    /** In which the mark of the end is looked for: some cameras write a little after it. */
    private const TAIL_BYTES = 4096;

    private const TYPES = [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP];

    /**
     * The name under which the photo is kept.
     *
     * @throws FieldException at "photo", before anything is decoded, when it is too large or no photo
     */
    public function keep(UploadedFile $file): string
    {
        if (! $file->isValid() || $file->getSize() > self::MOST_MEGABYTES * 1024 * 1024) {
            throw self::refused(Message::of('refused.photo_large', most: self::MOST_MEGABYTES));
        }
        $size = @getimagesize($file->getPathname());
        if ($size === false || ! in_array($size[2], self::TYPES, true)) {
            throw self::refused(Message::of('refused.no_photo'));
        }
        if (self::MOST_MEGAPIXELS * 1_000_000 < $size[0] * $size[1]) {
            throw self::refused(Message::of('refused.photo_many_pixels', most: self::MOST_MEGAPIXELS));
        }
        if (self::isCutShort($file->getPathname(), $size[2])) {
            throw self::refused(Message::of('refused.photo_cut_short'));
        }
        try {
            $image = ImageManager::gd()->read($file->getPathname())->scaleDown(self::LONGEST_SIDE_PX, self::LONGEST_SIDE_PX);
            $bytes = (string) $image->toJpeg(85);
        } catch (Throwable) {
            throw self::refused(Message::of('refused.photo_damaged'));
        }

        return $this->keepJpeg($bytes);
    }

    /** Whether its end is missing: a reader would fill the rest with grey, and say nothing. */
    private static function isCutShort(string $path, int $type): bool
    {
        $bytes = filesize($path);
        $end = (string) file_get_contents($path, offset: max(0, $bytes - self::TAIL_BYTES));

        return match ($type) {
            IMAGETYPE_JPEG => ! str_contains($end, "\xFF\xD9"),
            IMAGETYPE_PNG => ! str_contains($end, 'IEND'),
            IMAGETYPE_WEBP => self::webpBytes($path) > $bytes,
            default => false,
        };
    }

    /** What its head says that the whole file has at least. */
    private static function webpBytes(string $path): int
    {
        $said = unpack('V', (string) file_get_contents($path, offset: 4, length: 4));

        return is_array($said) && is_int($said[1] ?? null) ? $said[1] + 8 : 0;
    }

    public function keepJpeg(string $bytes): string
    {
        $name = Str::random(24).'.jpg';
        Storage::put('photos/'.$name, $bytes);

        return $name;
    }

    /** Takes a photo away that another one has replaced. */
    public function forget(string $name): void
    {
        Storage::delete('photos/'.$name);
    }

    private static function refused(Message $why): FieldException
    {
        return FieldException::at(['photo' => $why]);
    }
}
