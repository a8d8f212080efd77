<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;

/** How old it is when its last piece is poured: what has gelled in the cup is not poured. */
final class CupAgeRule implements BatchRule
{
    public function judge(BatchResult $result): array
    {
        $gels = $result->turns[0]->coat->case->resin->kinetics($result->turns[0]->coat->case->studio)->gelAgeMin();
        foreach ($result->turns as $turn) {
            if ($turn->ageMin !== null && $turn->ageMin > $gels) {
                return [Advice::stop(Topic::Heat, Message::of('advice.gelled.cup', piece: $turn->coat->case->piece->name, after: Measure::minutes($turn->toMin)))];
            }
        }

        return [];
    }
}
