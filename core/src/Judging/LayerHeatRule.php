<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Remedy;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Heat\Heating;
use OpenGlaze\Core\Heat\LayerHeat;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;

/** A layer so deep that it heats itself. An estimate: the label's own limit wins. */
final class LayerHeatRule implements CoatRule
{
    /** From here on it cracks, yellows and smokes, °C. */
    public const STOP_C = 90.0;

    public function judge(CoatResult $result): array
    {
        $case = $result->case;
        $peak = $case->heat->peakC();
        if ($peak === null) {
            return $case->isInLifts()
                ? [Advice::note(Topic::Thickness, Message::of('advice.value_unknown.heat_of_lifts'))]
                : [];
        }
        if ($peak < Heating::HOT_C) {
            return $case->isInLifts() && $case->resin->limits->maxPourMm === null
                ? [Advice::note(Topic::Thickness, Message::of('advice.value_unknown.depth_of_lifts', warmer: Measure::temperatureDifference(LayerHeat::WARMER_K)))]
                : [];
        }
        $predicted = $peak > Heating::RUNAWAY_C ? Message::of('advice.hot_lift.runs_away') : Message::of('advice.hot_lift.reaches', peak: Measure::temperature($peak));
        if ($case->isLump()) {
            $said = Message::of('advice.hot_lift.lump', predicted: $predicted);

            return [$peak >= self::STOP_C ? Advice::stop(Topic::Thickness, $said) : Advice::caution(Topic::Thickness, $said)];
        }
        $film = $case->deepestMm() ?? 0.0;
        // never fewer than the label's own depth makes them
        $deepest = $case->resin->deepestLayerMm();
        $count = max($case->heat->coolCount($film * $case->lifts->count), $deepest === null ? 1 : (int) ceil($film * $case->lifts->count / $deepest - 1e-9));
        $said = Message::of($case->isInLifts() ? 'advice.hot_lift.lifts' : 'advice.hot_lift.layers', count: $count, one: Measure::thickness($film), predicted: $predicted);

        // lifts are split by the label's depth: how many they are is not the plan's to say
        $remedies = $case->isInLifts() || $count < 2 || $film !== $case->filmMm() ? [] : [Remedy::coats($count)];

        return [$peak >= self::STOP_C && ! self::isWithinLabel($result) ? Advice::stop(Topic::Thickness, $said, ...$remedies) : Advice::caution(Topic::Thickness, $said, ...$remedies)];
    }

    /** The label allows such a layer: its own evidence is never overruled by more than a caution. */
    private static function isWithinLabel(CoatResult $result): bool
    {
        $most = $result->case->resin->limits->maxPourMm;
        $film = $result->case->deepestMm();

        return $most !== null && $film !== null && $film <= $most->value + 1e-9;
    }
}
