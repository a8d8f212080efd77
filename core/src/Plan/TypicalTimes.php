<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Quantity\Sourced;

/**
 * The times that a label does not say: multiples of its open time, or of what the times imply that it does say.
 *
 * Source: typical proportions of two-part resins; the geometric mean of what each known time implies.
 */
final class TypicalTimes
{
    /** A typical time lies within this share of it (95 %). */
    public const SPREAD = 0.4;

    /** In open times, in the order in which they come; the window's end stands beside them. */
    private const RECOAT_FROM = 5.5;

    private const RECOAT_TO = 16.0;

    private const SAND = 27.0;

    private const HANDLE = 32.0;

    private const CURE = 96.0;

    /** @param  LabelStages  $label  what it says, hours at its temperature; null where it does not */
    public static function complete(float $openMin, LabelStages $label): LabelStages
    {
        $open = $openMin / 60;
        $implied = [$open];
        foreach ([[$label->recoatFromH, self::RECOAT_FROM], [$label->recoatToH, self::RECOAT_TO], [$label->sandFromH, self::SAND], [$label->handleH, self::HANDLE], [$label->fullCureH, self::CURE]] as [$known, $times]) {
            if ($known !== null) {
                $implied[] = $known->value / $times;
            }
        }
        $scale = exp(array_sum(array_map(log(...), $implied)) / count($implied));
        // each between the known ones before and after it
        $chain = [$label->recoatFromH->value ?? null, $label->sandFromH->value ?? null, $label->handleH->value ?? null, $label->fullCureH->value ?? null];
        $within = static fn (int $at, float $hours): Sourced => Sourced::assumed(min(
            max($hours, $open, ...array_values(array_filter(array_slice($chain, 0, $at)))),
            INF,
            ...array_values(array_filter(array_slice($chain, $at + 1))),
        ));
        $from = $label->recoatFromH ?? $within(0, $scale * self::RECOAT_FROM);
        $to = $label->recoatToH ?? Sourced::assumed($scale * self::RECOAT_TO);

        return new LabelStages(
            $from,
            $to->value > $from->value ? $to : null,
            $label->sandFromH ?? $within(1, $scale * self::SAND),
            $label->handleH ?? $within(2, $scale * self::HANDLE),
            $label->fullCureH ?? $within(3, $scale * self::CURE),
        );
    }
}
