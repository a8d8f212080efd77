<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Cure\Phase;
use OpenGlaze\Core\Plan\Coat;
use OpenGlaze\Core\Plan\OverHard;

/** Whether a coat may follow now, by the phase of the film that it is laid on. */
final class NextCoatNow
{
    public static function judge(Coat $coat, Phase $below, bool $onOil = false): ?Advice
    {
        return self::by($coat->turnFirst, $coat->overHard, $below, $coat->afterOil || $onOil);
    }

    /**
     * @param  bool  $turnFirst  whether the piece is turned over, demoulded or taped first
     * @param  bool  $onOil  whether the film below is an oily one
     */
    public static function by(bool $turnFirst, OverHard $overHard, Phase $below, bool $onOil): ?Advice
    {
        if ($turnFirst) {
            return $below === Phase::Hard || $below === Phase::Cured ? null
                : self::tooSoon('Turn or demould it only when it is hard: earlier it bends.');
        }

        return match ($below) {
            Phase::Wet, Phase::Tacky => self::tooSoon('Wait until the window of the coat below is open: before it this one would sink and wrinkle.'),
            Phase::WindowOpen => $onOil
                ? self::tooSoon('After oil there is no bonding in the window: let it harden, then wipe, sand and wash.')
                : null,
            Phase::WindowShut => Advice::caution('recoat_window_missed', Topic::Surface, 'The window of the coat below has shut: wait until it can be sanded, sand it, wipe it, then pour.'),
            Phase::Hard, Phase::Cured => $overHard === OverHard::Wipe
                ? null
                : Advice::note('sand_first', Topic::Surface, 'The coat below is hard: sand it with 220 to 320 and wipe it before this pour.'),
        };
    }

    private static function tooSoon(string $text): Advice
    {
        return Advice::caution('recoat_too_soon', Topic::Surface, $text);
    }
}
