<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

/** What a batch is thinned with. */
enum Thinner: string
{
    case None = 'none';
    case Alcohol = 'alcohol';
    case Solvent = 'solvent';
    case Unknown = 'unknown';

    public function forbidsFlame(): bool
    {
        return $this !== self::None;
    }
}
