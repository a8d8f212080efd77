<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Heat\Curing;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;

/** What of the heat in the cup no label tells: all of it, or how much the resin gives. */
final class HeatUnknownRule implements BatchRule
{
    public function judge(BatchResult $result): array
    {
        if ($result->standing->run === null) {
            return [Advice::note(Topic::Heat, Message::of('advice.value_unknown.heat_in_cup'))];
        }
        $times = $result->resin->times;
        $isTypical = $result->resin->setting->heatKjKg === null && $result->standing->heatKjKg === Curing::HEAT_KJ_KG;

        return $isTypical && $times->potLifeMin !== null && $times->potLifeMassG !== null
            ? [Advice::note(Topic::Heat, Message::of('advice.value_unknown.heat_of_reaction', heat: Measure::number(Curing::HEAT_KJ_KG)))]
            : [];
    }
}
