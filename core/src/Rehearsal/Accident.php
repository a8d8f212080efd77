<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Rehearsal;

use OpenGlaze\Core\Message\Message;

/** What is made to go wrong in a rehearsal. */
enum Accident: string
{
    case ColdNight = 'cold_night';
    case DeadScale = 'dead_scale';
    case ShortCup = 'short_cup';
    case SmokingCup = 'smoking_cup';
    case Visitor = 'visitor';
    case Hair = 'hair';

    /** So long nobody minds, min. Source: the studio's practice; an estimate. */
    public function patienceMin(): float
    {
        return match ($this) {
            self::SmokingCup => 2.0,
            self::Hair, self::Visitor => 3.0,
            self::ShortCup => 5.0,
            self::DeadScale, self::ColdNight => INF,
        };
    }

    /** Points of risk for letting it go. Source: the studio's judgement. */
    public function risk(): float
    {
        return match ($this) {
            self::SmokingCup => 5.0,
            self::Visitor => 1.0,
            default => 0.0,
        };
    }

    public function title(): Message
    {
        return Message::of("rehearsal.$this->value.title");
    }

    /** What would have been the right thing. */
    public function wanted(): Message
    {
        return Message::of("rehearsal.$this->value.wanted");
    }
}
