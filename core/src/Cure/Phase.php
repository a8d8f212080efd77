<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Cure;

/** What state a film is in. */
enum Phase: string
{
    case Wet = 'wet';
    case Tacky = 'tacky';
    case WindowOpen = 'window_open';
    case WindowShut = 'window_shut';
    case Hard = 'hard';
    case Cured = 'cured';

    /** Whether another coat would sink into it. */
    public function isTooSoft(): bool
    {
        return $this === self::Wet || $this === self::Tacky;
    }
}
