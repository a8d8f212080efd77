<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Run;

/** How an act went beside its time. */
enum HowItWent: string
{
    case InTime = 'in_time';
    case Early = 'early';
    case Late = 'late';
    case Skipped = 'skipped';
    case Missed = 'missed';
    case Open = 'open';

    /**
     * All times in minutes from the end of the pour.
     *
     * @param  float|null  $untilMin  after which it makes no sense any more; null where that never comes
     * @param  float|null  $doneMin  null while it is not done
     */
    public static function of(ActKind $kind, float $dueMin, ?float $untilMin, ?float $doneMin, bool $skipped, float $nowMin): self
    {
        return match (true) {
            $skipped => self::Skipped,
            $doneMin === null => $untilMin !== null && $nowMin > $untilMin ? self::Missed : self::Open,
            $doneMin < $dueMin - $kind->earlyByMin() => self::Early,
            $doneMin > $dueMin + $kind->lateByMin() => self::Late,
            default => self::InTime,
        };
    }
}
