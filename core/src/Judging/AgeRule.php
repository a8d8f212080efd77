<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Quantity\Wording;

/** How old the mix is when it is poured: past its open time it does not level, past twice that it has gelled. */
final class AgeRule implements Rule
{
    public function judge(CoatResult $result, Wording $say): array
    {
        $age = $result->case->coat->ageMin->value;
        $kinetics = $result->case->resin->kinetics($result->case->studio);
        if ($age <= $kinetics->openMin) {
            return [];
        }
        $late = $say->minutes(($age - $kinetics->openMin) / $result->film->rate);

        return [$age > $kinetics->gelAgeMin()
            ? Advice::stop('gelled', Topic::Heat, sprintf('Do not pour it: it has gelled in its cup, and neither levels nor bonds. Mix it anew, and pour %s sooner.', $late))
            : Advice::caution('past_open_time', Topic::Heat, sprintf('Pour it %s sooner: past its open time it hardly levels, its bubbles stay, and no heat helps any more.', $late))];
    }
}
