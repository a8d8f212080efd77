<?php

declare(strict_types=1);

namespace App\Pouring;

use App\Journal\Moment;
use App\Journal\ThisStudio;
use App\Mixing\EveningPlanner;
use App\Mixing\StillToMix;
use App\Models\Plan;
use App\Models\PreparedEvening;
use App\Planning\CoatKeys;
use App\Saying\Person;
use App\Sensing\RoomLog;
use App\Typed\FieldException;
use Carbon\CarbonImmutable;
use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Before\Check;
use OpenGlaze\Core\Before\Checks;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Judging\BatchAdvisor;
use OpenGlaze\Core\Judging\CoatAdvisor;
use OpenGlaze\Core\Message\Speaker;
use Ramsey\Uuid\Uuid;

/** The last checks before the first cup of tonight, what was ticked of them, and what holds a clock. */
final readonly class BeforeTheEvening
{
    /** What was ticked longer ago was ticked for another evening. */
    public const HOLDS_H = 6;

    public function __construct(
        private StillToMix $toMix,
        private EveningPlanner $planner,
        private ThisStudio $studio,
    ) {
    }

    /** @return array<string, mixed>|null null where nothing is planned, or it cannot be computed */
    public function of(CarbonImmutable $now, Person $say): ?array
    {
        $plan = Plan::own();
        $batches = $this->toMix->of($plan);
        try {
            $evening = $batches === [] ? null : $this->planner->compute(self::measured($plan, $now), $batches);
        } catch (FieldException) {
            return null;
        }
        if ($evening === null || $evening->batches === []) {
            return null;
        }
        $prepared = PreparedEvening::query()->where('last_at', '>=', Moment::of((int) $now->subHours(self::HOLDS_H)->valueOf())->format('Y-m-d H:i:s.v'))->orderByDesc('last_at')->first();
        $checked = $prepared->checked ?? Entry::of();

        return [
            // the same on every device for as long as nobody has ticked anything
            'evening' => $prepared->id ?? Uuid::uuid5($this->studio->id(), 'evening '.$now->format('Y-m-d H'))->toString(),
            'first' => "/plans/{$plan->id}/batches/{$evening->batches[0]->batch->id}",
            'checks' => array_map(static fn (Check $check): array => [
                'id' => $check->id, 'title' => $say->say($check->title), 'how' => $say->say($check->how), 'off' => $check->isOff, 'event' => $checked->text($check->id),
            ], Checks::of($evening->batches)),
            'stops' => self::stops($evening->batches, "/plans/{$plan->id}/batches/", $say),
        ];
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
