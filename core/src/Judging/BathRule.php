<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Batch\CupClock;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;

/** A mixed cup in warm water: what it gains, beside what it costs. */
final class BathRule implements BatchRule
{
    public function judge(BatchResult $result): array
    {
        $bath = $result->batch->in->bath;
        $clock = $bath === null ? null : CupClock::of($result);
        if ($bath === null || $clock === null) {
            return [];
        }
        [$in, $without] = [$clock->compared()['cup'], $clock->withoutBath()];
        [$celsius, $thick, $thickWithout] = [$in->run->celsiusAt($bath->toMin), $in->viscosityAt($bath->toMin), $without->viscosityAt($bath->toMin)];
        if ($celsius === null || $thick === null || $thickWithout === null || $in->potLifeMin === null || $without->potLifeMin === null) {
            return [];
        }

        return [Advice::note(Topic::Heat, Message::of(
            'advice.warm_bath',
            celsius: Measure::temperature($celsius),
            thick: Measure::number($thick, 2),
            thickWithout: Measure::number($thickWithout, 2),
            lasts: Measure::minutes($in->potLifeMin),
            lastsWithout: Measure::minutes($without->potLifeMin),
        ))];
    }
}
