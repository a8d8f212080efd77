<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Remedy;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Batch\CupClock;
use OpenGlaze\Core\Batch\Turn;
use OpenGlaze\Core\Heat\Heating;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Plan\Pouring;

/** How long resin may stand in its cup: hot or past its pot life before it is emptied, and what gains most. */
final class CupHeatRule implements BatchRule
{
    /** Less than this share of its time left when it is emptied counts as hardly in time. */
    private const CLOSE_SHARE = 0.15;

    public function judge(BatchResult $result): array
    {
        $hot = $result->standing->run?->minutesToC(Heating::HOT_C);
        $ends = min($result->standing->potLifeMin ?? INF, $hot ?? INF);
        if ($ends === INF) {
            return [];
        }
        $left = $ends - $result->standing->emptiedMin;
        if ($left >= self::CLOSE_SHARE * $ends) {
            return [];
        }
        $best = self::best($result, $left);
        $said = Message::of(
            $hot !== null && $hot <= $ends ? 'advice.hot_batch.hot' : 'advice.hot_batch.over',
            remedy: self::remedy($best),
            hot: Measure::temperature(Heating::HOT_C),
            ends: Measure::minutes($ends),
            emptied: Measure::minutes($result->standing->emptiedMin),
        );
        $pieces = array_sum(array_map(static fn (Turn $turn): int => $turn->count, $result->turns));
        $remedies = match (true) {
            $best !== null && $best[0] === 'together' => [Remedy::together()],
            $pieces > 1 && ($best === null || $best[0] === 'halved') => [Remedy::halve()],
            default => [],
        };

        return [$left < 0 ? Advice::stop(Topic::Heat, $said, ...$remedies) : Advice::caution(Topic::Heat, $said, ...$remedies)];
    }

    /**
     * What gains most, and the minutes that are left then; null where nothing gains.
     *
     * @return array{string, float}|null
     */
    private static function best(BatchResult $result, float $leftMin): ?array
    {
        $emptied = $result->standing->emptiedMin;
        $clock = CupClock::of($result);
        if ($clock === null) {
            return null;
        }
        $left = [];
        foreach ($clock->compared() as $way => $standing) {
            $left[$way] = min($standing->potLifeMin ?? INF, $standing->hotMin ?? INF) - ($way === 'halved' ? $emptied / 2 : $emptied);
        }
        $together = self::togetherMin($result);
        if ($together !== null) {
            $left['together'] = $left['cup'] + $emptied - $together;
        }
        unset($left['cup']);
        arsort($left);
        $best = array_key_first($left);

        return $left[$best] <= $leftMin ? null : [$best, $left[$best]];
    }

    /** When it would be empty if all were poured before the first is spread; null where they are, or cannot be. */
    private static function togetherMin(BatchResult $result): ?float
    {
        $effects = array_filter($result->turns, static fn (Turn $turn): bool => $turn->coat->case->coat->manner->isMadeInThePour());

        return $result->timing->pouring === Pouring::Together || $effects !== [] || $result->timing->emptiedMin() <= 0 ? null
            : $result->standing->emptiedMin * ($result->timing->colouringMin + $result->timing->pourMin) / $result->timing->emptiedMin();
    }

    /** @param  array{string, float}|null  $best */
    private static function remedy(?array $best): Message
    {
        return $best === null ? Message::of('advice.hot_batch.fewer') : Message::of(
            $best[1] > 0 ? 'advice.hot_batch.then_left' : 'advice.hot_batch.then_none_left',
            what: Message::of('advice.hot_batch.'.$best[0], cooler: Measure::temperatureDifference(CupClock::COOLER_K)),
            left: Measure::minutes($best[1]),
        );
    }
}
