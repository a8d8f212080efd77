<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Colour\Flammable;
use OpenGlaze\Core\Film\HeatTool;
use OpenGlaze\Core\Film\TorchPlan;
use OpenGlaze\Core\Plan\Thinner;
use OpenGlaze\Core\Quantity\Wording;

/** Which heat may be used, and which passes the film has no time for. */
final class HeatRule implements Rule
{
    public function judge(CoatResult $result, Wording $say): array
    {
        $advice = [];
        $over = $result->case->noFlameOver();
        if ($over !== null) {
            $advice[] = Advice::note('no_flame', Topic::Heat, sprintf(
                'No flame over %s: it softens or burns. A heat gun held off and moving, breath or a pin.',
                $over,
            ));
        }
        $flammable = $result->case->flammable();
        if ($flammable !== null) {
            $advice[] = Advice::note('no_flame', Topic::Heat, sprintf(
                'No flame: %s in it %s. A heat gun held off and moving, or a pin; air moving, no sparks.',
                $flammable->name,
                $flammable->flammable === Flammable::Yes ? 'burns' : 'is of unknown make-up, and counts as flammable',
            ));
        }
        if ($result->case->isPolyester()) {
            $advice[] = Advice::note('no_flame', Topic::Heat, 'No flame: the vapour of polyester burns. Open the window, no sparks; a heat gun held off and moving, or a pin.');
        } elseif ($result->case->thinner->forbidsFlame()) {
            $advice[] = Advice::note('no_flame', Topic::Heat, sprintf('No flame: what it is thinned with %s. A heat gun held off and moving, or a pin; air moving, no sparks.', $result->case->thinner === Thinner::Unknown ? 'is unknown, and counts as flammable' : 'burns'));
        }
        $dropped = $result->film->torch->droppedPasses();
        if ($dropped > 0 && $result->film->torch->closesMin > 0 && $result->case->filmMm() !== null && $result->film->torch->tool !== HeatTool::None) {
            $advice[] = Advice::note('torch_pass_dropped', Topic::Heat, sprintf(
                '%s: it would fall after %s, when the film no longer heals. Pick the last bubbles with a pin.',
                $dropped === 1 ? 'Pass once, not twice' : 'No pass',
                $say->minutes(TorchPlan::LATEST_SHARE * $result->film->torch->closesMin),
            ));
        }

        return $advice;
    }
}
