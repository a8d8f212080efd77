<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Cure\Phase;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Plan\Coat;
use OpenGlaze\Core\Plan\OverHard;

/** Whether a coat may follow now, by the phase of the film that it is laid on. */
final class NextCoatNow
{
    public static function judge(Coat $coat, Phase $below, bool $onOil = false): ?Advice
    {
        return self::by($coat->ground->turnFirst, $coat->ground->overHard, $below, $coat->ground->afterOil || $onOil);
    }

    /**
     * @param  bool  $turnFirst  whether the piece is turned over, demoulded or taped first
     * @param  bool  $onOil  whether the film below is an oily one
     */
    public static function by(bool $turnFirst, OverHard $overHard, Phase $below, bool $onOil): ?Advice
    {
        if ($turnFirst) {
            return $below === Phase::Hard || $below === Phase::Cured ? null
                : self::tooSoon('bends');
        }

        return match ($below) {
            Phase::Wet, Phase::Tacky => self::tooSoon('wrinkles'),
            Phase::WindowOpen => $onOil
                ? self::tooSoon('oil')
                : null,
            Phase::WindowShut => Advice::caution(Topic::Surface, Message::of('advice.recoat_window_missed')),
            Phase::Hard, Phase::Cured => $overHard === OverHard::Wipe
                ? null
                : Advice::note(Topic::Surface, Message::of('advice.sand_first')),
        };
    }

    private static function tooSoon(string $why): Advice
    {
        return Advice::caution(Topic::Surface, Message::of('advice.recoat_too_soon.'.$why));
    }
}
