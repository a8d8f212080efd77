<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

/** What a coat is for. */
enum CoatKind: string
{
    case Seal = 'seal';
    case Base = 'base';
    case Flood = 'flood';
    case Layer = 'layer';
    case Dome = 'dome';
    case Skim = 'skim';
    case Top = 'top';
    case Back = 'back';

    /** Whether the film must level; a seal or base coat is brushed out and need not. */
    public function mustLevel(): bool
    {
        return $this !== self::Seal && $this !== self::Base;
    }

    /** Wavelength of the marks that its tool leaves, mm: a spreader's, for a skim a finger's. */
    public function markMm(): float
    {
        return $this === self::Skim ? 10.0 : 30.0;
    }
}
