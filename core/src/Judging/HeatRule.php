<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Colour\Flammable;
use OpenGlaze\Core\Film\HeatTool;
use OpenGlaze\Core\Film\TorchPlan;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Plan\Thinner;

/** Which heat may be used, and which passes the film has no time for. */
final class HeatRule implements CoatRule
{
    public function judge(CoatResult $result): array
    {
        $advice = [];
        $over = $result->case->noFlameOver();
        if ($over !== null) {
            $advice[] = Advice::note(Topic::Heat, Message::of('advice.no_flame.over', what: $over));
        }
        $flammable = $result->case->flammable();
        if ($flammable !== null) {
            $advice[] = Advice::note(Topic::Heat, Message::of(
                $flammable->stuff->flammable === Flammable::Yes ? 'advice.no_flame.burns' : 'advice.no_flame.may_burn',
                what: $flammable->name,
            ));
        }
        if ($result->case->isPolyester()) {
            $advice[] = Advice::note(Topic::Heat, Message::of('advice.no_flame.polyester'));
        } elseif ($result->case->thinner->forbidsFlame()) {
            $advice[] = Advice::note(Topic::Heat, Message::of($result->case->thinner === Thinner::Unknown ? 'advice.no_flame.thinner_unknown' : 'advice.no_flame.thinner'));
        }
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
