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

    /** How its film must end; null where any end will do. */
    public function needs(): ?Containment
    {
        return $this === self::Dome ? Containment::Held : null;
    }

    /** The film that such a coat usually has, mm: what a new one begins with. */
    public function usualMm(): float
    {
        return match ($this) {
            self::Seal => 0.1,
            self::Base => 0.3,
            self::Flood => 1.6,
            self::Layer => 1.0,
            self::Dome => 1.8,
            self::Skim => 0.3,
            self::Top => 1.0,
            self::Back => 0.8,
        };
    }

    /** Wavelength of the marks that its tool leaves, mm: a spreader's, for a skim a finger's. */
    public function markMm(): float
    {
        return $this === self::Skim ? 10.0 : 30.0;
    }
}
