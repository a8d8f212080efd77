<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Run;

/** How large a flame is. */
enum Burner: string
{
    case Small = 'small';
    case HandTorch = 'hand_torch';
    case Large = 'large';

    private const SMALL_UNDER_CM2 = 100.0;

    private const LARGE_FROM_CM2 = 4000.0;

    /** Large faces want a big flame, small ones a hand torch, jewellery the smallest. */
    public static function forArea(float $areaCm2): self
    {
        return match (true) {
            $areaCm2 < self::SMALL_UNDER_CM2 => self::Small,
            $areaCm2 < self::LARGE_FROM_CM2 => self::HandTorch,
            default => self::Large,
        };
    }

    /** Seconds over 1,000 cm². Source: the studio's practice; an estimate. */
    public function secondsPer1000Cm2(): float
    {
        return match ($this) {
            self::Small => 60.0,
            self::HandTorch => 20.0,
            self::Large => 8.0,
        };
    }
}
