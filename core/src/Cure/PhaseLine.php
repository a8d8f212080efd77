<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Cure;

/**
 * The phases of one film in their order. Wet until the open time is over, then tacky, the window,
 * the window shut, hard from when it can be sanded (else handled), cured. A film that is hard before
 * its window shuts goes straight from the open window to hard. A phase whose beginning
 * the label does not give is left out: the one before it lasts until the next that is known.
 */
final class PhaseLine
{
    /** @return non-empty-list<PhaseSpan> */
    public static function of(float $openMin, Windows $windows): array
    {
        $hours = static fn (?float $h): ?float => $h === null ? null : $h * 60;
        $shut = $hours($windows->recoatToH);
        $hard = $hours($windows->sandFromH ?? $windows->handleH);
        if ($shut !== null && $hard !== null && $hard <= $shut) {
            [$shut, $hard] = [null, $shut];
        }
        // by its own heat it may shut before it opens by the label: then it never does
        $opens = $shut !== null && $hours($windows->recoatFromH) >= $shut ? null : $hours($windows->recoatFromH);
        $begins = [
            [Phase::Tacky, $openMin],
            [Phase::WindowOpen, $opens],
            [Phase::WindowShut, $shut],
            [Phase::Hard, $hard],
            [Phase::Cured, $hours($windows->fullCureH)],
        ];
        $spans = [];
        $phase = Phase::Wet;
        $from = 0.0;
        foreach ($begins as [$next, $begin]) {
            if ($begin === null || $begin <= $from) {
                continue;
            }
            $spans[] = new PhaseSpan($phase, $from, $begin);
            [$phase, $from] = [$next, $begin];
        }
        $spans[] = new PhaseSpan($phase, $from, null);

        return $spans;
    }
}
