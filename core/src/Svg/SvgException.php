<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Svg;

use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Message\SaidException;

/** A drawing that gives no outline. */
final class SvgException extends SaidException
{
    /** Whether the width of the piece would do. */
    public bool $asksWidth = false;

    public static function tooLarge(): self
    {
        return new self(Message::of('drawings.too_large'));
    }

    public static function unreadable(): self
    {
        return new self(Message::of('drawings.unreadable'));
    }

    public static function refused(Message $what): self
    {
        return new self(Message::of('drawings.refused', what: $what));
    }

    public static function noShapes(): self
    {
        return new self(Message::of('drawings.no_shapes'));
    }

    public static function apart(int $count): self
    {
        return new self(Message::of('drawings.apart', count: $count));
    }

    public static function noSize(): self
    {
        $exception = new self(Message::of('drawings.no_size'));
        $exception->asksWidth = true;

        return $exception;
    }

    public static function badTransform(string $transform): self
    {
        return new self(Message::of('drawings.bad_transform', transform: mb_substr($transform, 0, 60)));
    }
}
