<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Film;

/** What takes the bubbles out. */
enum HeatTool: string
{
    case Flame = 'flame';
    case HeatGun = 'heat_gun';
    case Breath = 'breath';
    case None = 'none';

    /** Pieces smaller than this, in cm², are for breath, a straw or a pin. */
    public const BREATH_UNDER_CM2 = 10.0;

    /** @return list<self> what may be taken in its stead: nothing hotter, and nothing that moves more air; whatever ruled that out still does */
    public function others(): array
    {
        return match ($this) {
            self::Flame => [self::HeatGun, self::Breath],
            self::HeatGun => [self::Breath],
            self::Breath, self::None => [],
        };
    }

    /** Whether it lights vapours that burn: a flame does, and the element of a heat gun at 300 to 650 °C. */
    public function lightsVapours(): bool
    {
        return $this === self::Flame || $this === self::HeatGun;
    }

    /** This one by habit, where the rules that chose the other leave it; the rules' own where they do not. */
    public function orBy(?self $habit): self
    {
        return $habit !== null && in_array($habit, [self::None, ...$this->others()], true) ? $habit : $this;
    }

    /**
     * @param  bool  $keepsItsShape  drops, lines and what is placed thick get no heat at all
     * @param  float  $areaCm2  0 for a small thing that is only counted
     * @param  bool  $vapoursBurn  those of the resin, its colours or what thins it: a heat gun's element lights them too
     */
    public static function forPiece(bool $keepsItsShape, float $areaCm2, bool $heatTolerant, bool $standsMovingAir = true, bool $vapoursBurn = false): self
    {
        return match (true) {
            $keepsItsShape => self::None,
            $areaCm2 < self::BREATH_UNDER_CM2, $vapoursBurn => self::Breath,
            ! $heatTolerant => $standsMovingAir ? self::HeatGun : self::Breath,
            default => self::Flame,
        };
    }
}
