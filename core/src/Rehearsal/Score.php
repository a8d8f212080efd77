<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Rehearsal;

use OpenGlaze\Core\Film\HeatTool;
use OpenGlaze\Core\Run\ActKind;
use OpenGlaze\Core\Run\Gloves;

/**
 * What an evening came to: ml that are missing, minutes that acts came late, faults that stay in the films, and points of risk.
 *
 * Source: the studio's judgement; the points only compare one evening with another.
 */
final readonly class Score
{
    /** A flame sooner than this after sticky hands: the gloves cannot have been changed, min. */
    private const CHANGED_MIN = 0.5;

    private const STICKY_FLAME_RISK = 3.0;

    /** Heat on a film that has closed. */
    private const SCAR_RISK = 2.0;

    private function __construct(
        public float $ml,
        public float $lateMin,
        public int $faults,
        public float $risk,
    ) {
    }

    /**
     * @param  list<Deed>  $deeds
     * @param  list<Answered>  $accidents
     * @param  float  $endMin  when the rehearsal ended
     */
    public static function of(array $deeds, array $accidents, float $endMin): self
    {
        $ml = $late = $risk = 0.0;
        $faults = 0;
        foreach ($deeds as $deed) {
            $late += $deed->lateMin();
            $faults += (int) $deed->isLost($endMin);
            $risk += $deed->isLost($endMin) && ! $deed->isEarly() && $deed->doneMin !== null && $deed->kind === ActKind::Pass ? self::SCAR_RISK : 0.0;
        }
        $risk += self::STICKY_FLAME_RISK * count(self::stickyFlames($deeds));
        foreach ($accidents as $one) {
            if ($one->isLost($endMin)) {
                $faults++;
                $ml += $one->ml;
                $risk += $one->accident->risk();
            }
        }

        return new self($ml, $late, $faults, $risk);
    }

    /**
     * Flames so soon after something sticky that the gloves were still on.
     *
     * @param  list<Deed>  $deeds
     * @return list<Deed>
     */
    public static function stickyFlames(array $deeds): array
    {
        return array_values(array_filter($deeds, static fn (Deed $deed): bool => self::isStickyFlame($deed, $deeds)));
    }

    /** @param  list<Deed>  $deeds */
    private static function isStickyFlame(Deed $flame, array $deeds): bool
    {
        if (! $flame->isFlame || $flame->doneMin === null) {
            return false;
        }
        foreach ($deeds as $deed) {
            $before = $deed->doneMin === null ? null : $flame->doneMin - $deed->doneMin;
            if ($before !== null && $before >= 0 && $before < self::CHANGED_MIN && $deed->kind->gloves(HeatTool::None) === Gloves::Sticky) {
                return true;
            }
        }

        return false;
    }
}
