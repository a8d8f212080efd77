<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Remedy;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Coating\LiftPlan;
use OpenGlaze\Core\Heat\Heating;
use OpenGlaze\Core\Quantity\Wording;

/** A layer so deep that it heats itself. An estimate: the label's own limit wins. */
final class LayerHeatRule implements Rule
{
    /** From here on it cracks, yellows and smokes, °C. */
    public const STOP_C = 90.0;

    public function judge(CoatResult $result, Wording $say): array
    {
        $case = $result->case;
        $peak = $case->peakC();
        if ($peak === null) {
            return $case->isInLifts()
                ? [Advice::note('value_unknown', Topic::Thickness, 'How warm these lifts get cannot be told from this label: keep to its own table of depths.')]
                : [];
        }
        if ($peak < Heating::HOT_C) {
            return $case->isInLifts() && $case->resin->maxPourMm === null
                ? [Advice::note('value_unknown', Topic::Thickness, 'The label names no depth: the lifts are split by their predicted heat alone, an estimate.')]
                : [];
        }
        $predicted = $peak > Heating::RUNAWAY_C ? 'run away' : 'reach '.$say->temperature($peak);
        if ($case->isLump()) {
            $text = sprintf('Pour less at once, or into something shallower: as a lump it is predicted to %s by itself, an estimate.', $predicted);

            return [$peak >= self::STOP_C ? Advice::stop('hot_lift', Topic::Thickness, $text) : Advice::caution('hot_lift', Topic::Thickness, $text)];
        }
        $film = $case->deepestMm() ?? 0.0;
        $count = LiftPlan::coolCount($case, $film * $case->lifts->count);
        $text = sprintf(
            'Pour it in %d %s: one of %s is predicted to %s by itself, an estimate.',
            $count,
            $case->isInLifts() ? 'lifts' : 'layers',
            $say->thickness($film),
            $predicted,
        );

        // lifts are split by the label's depth: how many they are is not the plan's to say
        $remedies = $case->isInLifts() || $count < 2 || $film !== $case->filmMm() ? [] : [Remedy::coats($count)];

        return [$peak >= self::STOP_C && ! self::isWithinLabel($result) ? Advice::stop('hot_lift', Topic::Thickness, $text, ...$remedies) : Advice::caution('hot_lift', Topic::Thickness, $text, ...$remedies)];
    }

    /** The label allows such a layer: its own evidence is never overruled by more than a caution. */
    private static function isWithinLabel(CoatResult $result): bool
    {
        $most = $result->case->resin->maxPourMm;
        $film = $result->case->deepestMm();

        return $most !== null && $film !== null && $film <= $most->value + 1e-9;
    }
}
