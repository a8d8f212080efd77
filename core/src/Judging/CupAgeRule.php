<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;

/** How old it is when each piece is poured: past its open time it hardly levels, and what has gelled is not poured. */
final class CupAgeRule implements BatchRule
{
    public function judge(BatchResult $result): array
    {
        $case = $result->turns[0]->coat->case;
        $kinetics = $case->resin->kinetics($case->studio);
        $late = null;
        foreach ($result->turns as $turn) {
            $said = static fn (string $key): Message => Message::of($key, piece: $turn->coat->case->piece->name, after: Measure::minutes($turn->times->pouredMin));
            if ($turn->times->ageMin > $kinetics->gelAgeMin()) {
                return [Advice::stop(Topic::Heat, $said('advice.gelled.cup'))];
            }
            if ($turn->times->ageMin > $kinetics->openMin) {
                $late ??= Advice::caution(Topic::Heat, $said('advice.past_open_time.cup'));
            }
        }

        return $late === null ? [] : [$late];
    }
}
