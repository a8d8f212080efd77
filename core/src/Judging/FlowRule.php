<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Film\Levelling;
use OpenGlaze\Core\Message\Listed;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;

/** Says why a time is missing that the film never reaches. */
final class FlowRule implements CoatRule
{
    public function judge(CoatResult $result): array
    {
        $film = $result->film;
        if ($film->level->upToMm === null) {
            return [Advice::note(Topic::Thickness, Message::of('advice.value_unknown.depth'))];
        }
        $never = [];
        if ($film->level->settleMin === null) {
            $never[] = Message::of('advice.value_unknown.never_levels', widest: Measure::length($film->level->upToMm), asked: Measure::length(Levelling::SETTLING_RIPPLE_MM));
        }
        $stuck = [
            ...$film->rising->rise100Min === null ? [Measure::thickness(0.1)] : [],
            ...$film->rising->rise50Min === null ? [Measure::thickness(0.05)] : [],
            ...$film->rising->rise30Min === null ? [Measure::thickness(0.03)] : [],
        ];
        if ($stuck !== []) {
            $never[] = Message::of('advice.value_unknown.bubbles_stay', radii: Listed::and($stuck));
        }
        if ($never === []) {
            return [];
        }

        return [Advice::note(Topic::Thickness, Message::of('advice.value_unknown.sets_first', never: Listed::semicolons($never)))];
    }
}
