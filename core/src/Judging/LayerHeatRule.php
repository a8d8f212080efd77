<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Coating\CoatResult;
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
        $peak = $case->lifts->peakC;
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
        $text = sprintf(
            'Pour it in thinner layers: one of %s is predicted to %s by itself, an estimate.',
            $say->thickness($case->filmMm() ?? 0.0),
            $peak > Heating::RUNAWAY_C ? 'run away' : 'reach '.$say->temperature($peak),
        );

        return [$peak >= self::STOP_C ? Advice::stop('hot_lift', Topic::Thickness, $text) : Advice::caution('hot_lift', Topic::Thickness, $text)];
    }
}
