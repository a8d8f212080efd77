<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Svg;

use DomainException;

/** A drawing that gives no outline; the message is a sentence for the person. */
final class SvgException extends DomainException
{
    /** Whether the width of the piece would do. */
    public bool $asksWidth = false;

    public static function tooLarge(): self
    {
        return new self('This drawing is larger than 5 MB: save it without its pictures.');
    }

    public static function unreadable(): self
    {
        return new self('This is no SVG drawing that can be read.');
    }

    public static function refused(string $what): self
    {
        return new self(sprintf('This drawing holds %s, which is not taken in from a file: save it as plain shapes and paths.', $what));
    }

    public static function noShapes(): self
    {
        return new self('There is no shape in this drawing: it needs a path, a circle, a rectangle, an ellipse or a polygon.');
    }

    public static function apart(int $count): self
    {
        return new self(sprintf('This drawing holds %d shapes that lie apart: keep one piece in a file, with its holes inside it.', $count));
    }

    public static function noSize(): self
    {
        $exception = new self('This drawing does not say how large it is: give the width of the piece.');
        $exception->asksWidth = true;

        return $exception;
    }

    public static function badTransform(string $transform): self
    {
        return new self(sprintf('This transform cannot be read: "%s".', mb_substr($transform, 0, 60)));
    }
}
