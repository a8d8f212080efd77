<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Coating\NoFlame;
use OpenGlaze\Core\Film\HeatTool;
use OpenGlaze\Core\Film\TorchPlan;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;

/** Which heat may be used, and which passes the film has no time for. */
final class HeatRule implements CoatRule
{
    public function judge(CoatResult $result): array
    {
        $advice = array_map(static fn (NoFlame $reason): Advice => Advice::note(Topic::Heat, $reason->said('advice.no_flame.')), NoFlame::reasons($result->case));
        $dropped = $result->film->torch->droppedPasses();
        if ($dropped > 0 && $result->film->torch->closesMin > 0 && $result->case->filmMm() !== null && $result->film->torch->tool !== HeatTool::None) {
            $advice[] = Advice::note(Topic::Heat, Message::of(
                $dropped === 1 ? 'advice.torch_pass_dropped.second' : 'advice.torch_pass_dropped.all',
                after: Measure::minutes(TorchPlan::LATEST_SHARE * $result->film->torch->closesMin),
            ));
        }

        return $advice;
    }
}
