<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Run;

/**
 * The cover that goes on while a film waits for what is done to it next, and comes off for that.
 *
 * It wants clean hands: after sticky work it costs a change of gloves, and only a long wait is worth that.
 * Source: the studio's practice; estimates.
 */
final readonly class WaitCover
{
    /** What the pouring is called among the acts that a cover goes on after. */
    public const POUR = 'pour';

    /** Hands at it, on or off, min. */
    public const LASTS_MIN = 0.5;

    /** Before it is known whether a film fills it is not covered, min after its pour. */
    public const JUDGED_MIN = 10.0;

    private const NAMED = 'cover-after-';

    /** So long a wait is covered when the hands are clean, and so long a one when they are not, min. */
    private const CLEAN_WAIT_MIN = 10.0;

    private const STICKY_WAIT_MIN = 20.0;

    /** What is left of a wait by then is no longer covered, min. */
    private const LEAST_LEFT_MIN = 5.0;

    /**
     * @param  string  $after  the act that it goes on after
     * @param  string  $before  the act that it comes off for
     * @param  float  $untilMin  after which the wait is not worth it
     */
    private function __construct(
        public string $after,
        public string $before,
        public float $dueMin,
        public float $untilMin,
    ) {
    }

    /** Its name among the acts. */
    public function act(): string
    {
        return self::NAMED.$this->after;
    }

    /** The act that a cover of such a name goes on after; null where the name is none of a cover for a wait. */
    public static function afterOf(string $act): ?string
    {
        return str_starts_with($act, self::NAMED) ? substr($act, strlen(self::NAMED)) : null;
    }

    /**
     * One for each wait that is long enough.
     *
     * @param  list<Watched>  $watched  of one film, the pour among them, in any order
     * @return list<self> in the order of their times
     */
    public static function among(array $watched): array
    {
        usort($watched, static fn (Watched $a, Watched $b): int => [$a->beginMin, $a->endMin] <=> [$b->beginMin, $b->endMin]);
        $covers = [];
        foreach (array_slice($watched, 1) as $at => $next) {
            $last = $watched[$at];
            $enough = $last->hands === Gloves::Sticky ? self::STICKY_WAIT_MIN : self::CLEAN_WAIT_MIN;
            if ($next->beginMin - $last->endMin >= $enough) {
                $covers[] = new self($last->act, $next->act, $last->endMin, $next->beginMin - self::LEAST_LEFT_MIN);
            }
        }

        return $covers;
    }
}
