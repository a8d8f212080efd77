<?php

declare(strict_types=1);

namespace App\Pouring;

use App\Journal\ThisStudio;
use App\Mixing\EveningDesk;
use App\Mixing\EveningPlanner;
use App\Mixing\StillToMix;
use App\Models\Plan;
use App\Planning\CoatKeys;
use App\Saying\Person;
use App\Sensing\RoomLog;
use App\Typed\FieldException;
use Carbon\CarbonImmutable;
use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Before\Checks;
use OpenGlaze\Core\Judging\BatchAdvisor;
use OpenGlaze\Core\Judging\CoatAdvisor;
use OpenGlaze\Core\Message\Speaker;

/** The last checks before the first cup of tonight, what was ticked of them, and what holds a clock. */
final readonly class BeforeTheEvening
{
    public function __construct(
        private EveningDesk $evenings,
        private EveningPlanner $planner,
        private ThisStudio $studio,
    ) {
    }

    /** @return array<string, mixed>|null null where nothing is planned, or it cannot be computed */
    public function of(CarbonImmutable $now, Person $say): ?array
    {
        $plan = Plan::own();
        $batches = StillToMix::among($this->evenings->kept($plan), $plan);
        try {
            $evening = $batches === [] ? null : $this->planner->compute(self::measured($plan, $now), $batches);
        } catch (FieldException) {
            return null;
        }
        if ($evening === null || $evening->batches === []) {
            return null;
        }
        $ticked = $this->ticked($now);

        return [
            'evening' => $ticked->evening,
            'first' => "/plans/{$plan->id}/batches/{$evening->batches[0]->batch->id}",
            'checks' => $ticked->said(Checks::of($evening->batches), $say),
            'stops' => self::stops($evening->batches, "/plans/{$plan->id}/batches/", $say),
        ];
    }

    public function ticked(CarbonImmutable $now): TickedChecks
    {
        return TickedChecks::at($now, $this->studio);
    }

    /** The plan in the room as it was measured last; its row is not touched. */
    private static function measured(Plan $plan, CarbonImmutable $now): Plan
    {
        $measured = clone $plan;
        $measured->document = $plan->document->withStudio(RoomLog::over($plan->studio(), $now));

        return $measured;
    }

    /**
     * What holds the clocks of each cup until it is changed, or answered in writing when they begin.
     *
     * @param  list<BatchResult>  $batches
     * @return list<array{text: string, to: string}>
     */
    private static function stops(array $batches, string $at, Speaker $say): array
    {
        $stops = [];
        foreach ($batches as $batch) {
            foreach (Advice::stops(BatchAdvisor::advise($batch)) as $stop) {
                $stops[] = ['text' => $say->say($stop->said), 'to' => $at.$batch->batch->id];
            }
            foreach ($batch->turns as $turn) {
                foreach (Advice::stops(CoatAdvisor::advise($turn->coat)) as $stop) {
                    $coat = CoatKeys::find([$turn->coat->case->coat->id])->first();
                    $stops[] = ['text' => $turn->coat->case->piece->name.': '.$say->say($stop->said), 'to' => $coat === null ? $at.$batch->batch->id : '/coats/'.$coat->id];
                }
            }
        }

        return $stops;
    }
}
