<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Run;

use OpenGlaze\Core\Journal\Mishap;
use OpenGlaze\Core\Message\Message;

/** What to do at once about what nobody planned, and what a film wants because of it. */
final class WhatToDo
{
    /** How long the hands are at it. Source: the studio's practice; an estimate. */
    private const LASTS_MIN = 1.0;

    /** After what was mended, one looks whether it holds. Source: the studio's practice; an estimate. */
    private const LOOK_AGAIN_MIN = 10.0;

    /** What it is called, on the press for it. */
    public static function title(Mishap $mishap): Message
    {
        return Message::of("mishaps.$mishap->value.title");
    }

    /** @return non-empty-list<Message> in the order of doing it */
    public static function now(Mishap $mishap): array
    {
        return array_map(static fn (string $step): Message => Message::of("mishaps.$mishap->value.$step"), match ($mishap) {
            Mishap::Short, Mishap::Smoking, Mishap::Leak => ['first', 'then', 'never'],
            Mishap::Spill, Mishap::Tipped => ['first', 'then', 'skin'],
            Mishap::Hair => ['first', 'then'],
        });
    }

    /**
     * What a film wants because of it.
     *
     * @param  string  $name  that tells this one from another, as part of the names of its acts
     * @param  float  $atMin  when it was seen, min after the pour
     * @param  float  $closesMin  until when the film heals
     * @param  float  $flowsUntilMin  until when it runs
     */
    public static function sequel(Mishap $mishap, string $name, float $atMin, float $closesMin, float $flowsUntilMin): Sequel
    {
        return match (true) {
            // what is pulled out later leaves a scar that does not heal
            $mishap === Mishap::Hair && $atMin < $closesMin => new Sequel([self::act($mishap, $name, ActKind::Pick, $atMin, $closesMin)]),
            $mishap === Mishap::Leak && $atMin < $flowsUntilMin => new Sequel([
                self::act($mishap, $name, ActKind::Mend, $atMin, $flowsUntilMin),
                self::act($mishap, "$name-again", ActKind::Look, $atMin + self::LOOK_AGAIN_MIN, max($flowsUntilMin, $atMin + self::LOOK_AGAIN_MIN)),
            ]),
            default => Sequel::nothing(),
        };
    }

    private static function act(Mishap $mishap, string $name, ActKind $kind, float $dueMin, float $untilMin): Act
    {
        return new Act("$mishap->value-$name", $kind, $dueMin, Message::of("mishaps.$mishap->value.$kind->value"), Message::of("mishaps.$mishap->value.how_$kind->value"), self::LASTS_MIN, $untilMin);
    }
}
