<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;

/** How old the mix is when it is poured: past its open time it does not level, past twice that it has gelled. */
final class AgeRule implements CoatRule
{
    public function judge(CoatResult $result): array
    {
        $age = $result->case->coat->manner->ageMin->value;
        $kinetics = $result->case->resin->kinetics($result->case->studio);
        if ($age <= $kinetics->openMin) {
            return [];
        }
        $late = Measure::minutes(($age - $kinetics->openMin) / $result->film->flowing->rate);

        return [$age > $kinetics->gelAgeMin()
            ? Advice::stop(Topic::Heat, Message::of('advice.gelled.film', sooner: $late))
            : Advice::caution(Topic::Heat, Message::of('advice.past_open_time.film', sooner: $late))];
    }
}
