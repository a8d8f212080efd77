<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Run;

use OpenGlaze\Core\Coating\CoatCase;

/** What one hand lays into a film that has become thick enough. Source: the studio's practice; an estimate. */
enum Pace: string
{
    case Drops = 'drops';
    case Lines = 'lines';
    case EffectOil = 'effect_oil';

    /** Drops, metres of line, touches: in a minute. */
    public function perMin(): float
    {
        return match ($this) {
            self::Drops => 20.0,
            self::Lines => 1.0,
            self::EffectOil => 30.0,
        };
    }

    /** How thick the film has to be before it holds them, Pa·s. */
    public function fromPaS(): float
    {
        return match ($this) {
            self::Drops => EffectWindow::HOLDS_A_DROP_PA_S,
            self::Lines => CoatCase::STAYS_PA_S,
            self::EffectOil => 0.0,
        };
    }
}
