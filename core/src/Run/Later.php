<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Run;

use OpenGlaze\Core\Coating\CoatResult;

/**
 * What comes after the cover is on, hours later: from when and until when, min after the pour.
 *
 * Tape comes away with its drips while a film is firm and not hard: in its recoat window. Drips that were left are cut
 * after that, until it can be handled, as long as they still cut. Source: the studio's practice; an estimate.
 */
final readonly class Later
{
    /** Until it can be handled nobody lifts, turns or leans on it. */
    public const UNTOUCHED = 'untouched';

    /** @param  float|null  $toMin  null where that never comes or is not known */
    private function __construct(
        public string $what,
        public float $fromMin,
        public ?float $toMin,
    ) {
    }

    /** @return list<self> in the order of their times */
    public static function of(CoatResult $result): array
    {
        $windows = $result->windows;
        $min = static fn (?float $hours): ?float => $hours === null ? null : 60 * $hours;
        [$firm, $hard, $handle] = [$min($windows->recoatFromH), $min($windows->recoatToH), $min($windows->handleH)];
        $later = [];
        if ($handle !== null) {
            $later[] = new self(self::UNTOUCHED, 0.0, $handle);
        }
        if ($result->case->coat->asked->edge->taped && $firm !== null) {
            $later[] = new self('tape_off', $firm, $hard);
        }
        if (! $result->case->coat->asked->edge->taped && $result->edge !== null && $hard !== null && $handle !== null && $handle > $hard) {
            $later[] = new self('trim', $hard, $handle);
        }

        return $later;
    }
}
