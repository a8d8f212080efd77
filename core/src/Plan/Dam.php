<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

/** What holds a dammed coat. */
enum Dam: string
{
    case Tape = 'tape';
    case Frame = 'frame';
    case Border = 'border';
    case Mould = 'mould';
    case Lip = 'lip';
    case Drape = 'drape';

    /** Whether a moving flame above it does no harm. */
    public function toleratesHeat(): bool
    {
        return $this === self::Frame || $this === self::Lip;
    }

    /** The trade's words, for sentences. */
    public function words(): string
    {
        return match ($this) {
            self::Tape => 'tape',
            self::Frame => 'a wooden frame',
            self::Border => 'a slick border',
            self::Mould => 'a mould',
            self::Lip => 'its own lip',
            self::Drape => 'plastic film',
        };
    }
}
