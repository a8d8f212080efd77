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
}
