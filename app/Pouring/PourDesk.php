<?php

declare(strict_types=1);

namespace App\Pouring;

use App\Mixing\ColourStops;
use App\Mixing\MixingDesk;
use App\Models\Coat;
use App\Models\Pour;
use App\Models\PourAct;
use App\PlanFile\Dig;
use App\PlanFile\Json;
use App\Planning\CoatAnswer;
use App\Planning\CoatDesk;
use App\Planning\FieldException;
use App\Planning\PlanAssembler;
use App\Planning\Room;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Level;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Quantity\UnitSystem;
use OpenGlaze\Core\Run\Acts;
use stdClass;

/**
 * Runs pours: starts the clock with a copy of everything, ends the pouring, ticks acts off, finishes.
 *
 * All times are the server's; what comes late from a device that was cut off may carry its own,
 * which is kept between the start and now.
 */
final readonly class PourDesk
{
    public function __construct(
        private PlanAssembler $assembler,
        private CoatDesk $coats,
        private MixingDesk $mixings,
    ) {
    }

    /**
     * Starts the clock at the end of the stirring.
     *
     * @param  stdClass  $room  temperature_c, humidity_pct as measured now
     *
     * @throws FieldException when the plan cannot be computed, or has a stop and no reason is given
     */
    public function start(Coat $coat, stdClass $room, ?string $overrideReason, UnitSystem $units): Pour
    {
        $document = $this->assembler->forCoat($coat);
        $document->studio = Room::measured(Dig::object($document, 'studio'), $room);
        $result = $this->coats->computeLast($document, $units);
        $reason = trim((string) $overrideReason);
        if ($reason === '' && [...self::stops($result), ...ColourStops::of($document)] !== []) {
            throw FieldException::at(['reason' => 'Change the plan, or write down why you pour all the same.']);
        }

        $answer = CoatAnswer::object($result);
        $title = $coat->piece->name();
        if (count($result->lifts) > 1) {
            $answer->lift = 1 + self::liftsPoured($coat) % count($result->lifts);
            $title .= sprintf(', lift %d of %d', $answer->lift, count($result->lifts));
        }

        return DB::transaction(fn (): Pour => Pour::query()->create([
            'piece_id' => $coat->piece_id,
            'coat_id' => $coat->id,
            'title' => $title,
            'plan' => Json::copy($document),
            'result' => $answer,
            'override_reason' => $reason === '' ? null : $reason,
            'started_at' => now(),
        ]));
    }

    /** How many pours a coat has had: of a deep one, how many lifts. */
    public static function liftsPoured(Coat $coat): int
    {
        return Pour::query()->where('coat_id', $coat->id)->count();
    }

    /** The last of it is on the piece: the film's clock begins, as old as the mix has become by then. */
    public function poured(Pour $pour, ?CarbonImmutable $at, UnitSystem $units): void
    {
        DB::transaction(function () use ($pour, $at, $units): void {
            $pour->refresh();
            if ($pour->poured_at !== null) {
                return;
            }
            $pouredAt = self::between($pour->started_at, $at);
            $inCupMin = $pour->started_at->diffInMilliseconds($pouredAt) / 60_000;
            $ageMin = $this->ageInCupMin($pour, $inCupMin, $units);
            $result = $this->coats->computeLast(self::aged($pour->plan, $ageMin), $units);
            $pour->update([
                'poured_at' => $pouredAt,
                'times' => (object) ['age_min' => $ageMin, 'answer' => CoatAnswer::object($result)],
            ]);
            foreach (Acts::of($result) as $position => $act) {
                $pour->acts()->create([
                    'key' => $act->id, 'kind' => $act->kind->value, 'position' => $position,
                    'due_min' => $act->dueMin, 'title' => $act->title, 'how' => $act->how,
                ]);
            }
        });
    }

    /** How old the mix has become in its cup, by the cup's own heat where its batch is known. */
    private function ageInCupMin(Pour $pour, float $inCupMin, UnitSystem $units): float
    {
        $mixing = $pour->mixing;
        $age = $mixing === null ? null : $this->mixings->batch($mixing, $units)->run?->ageAt($inCupMin);

        return $age ?? $inCupMin * $this->coats->computeLast($pour->plan, $units)->film->rate;
    }

    /** The pour computed again from its own copy, for its arithmetic. @throws FieldException */
    public function computed(Pour $pour, UnitSystem $units): CoatResult
    {
        $age = $pour->times === null ? null : Dig::float($pour->times, 'age_min');

        return $this->coats->computeLast($age === null ? $pour->plan : self::aged($pour->plan, $age), $units);
    }

    /** Takes the end of the pouring back, when it was pressed too soon; not once an act is done. */
    public function notPouredYet(Pour $pour): void
    {
        DB::transaction(function () use ($pour): void {
            $pour->refresh();
            if ($pour->finished_at === null && $pour->acts()->whereNotNull('done_at')->doesntExist()) {
                $pour->acts()->delete();
                $pour->update(['poured_at' => null, 'times' => null]);
            }
        });
    }

    /** Ticks an act off; a second tick changes nothing. */
    public function tick(PourAct $act, Pour $pour, ?CarbonImmutable $at): void
    {
        DB::transaction(function () use ($act, $pour, $at): void {
            $act->refresh();
            if ($act->done_at === null && $pour->poured_at !== null) {
                $act->update(['done_at' => self::between($pour->poured_at, $at)]);
            }
        });
    }

    public function untick(PourAct $act): void
    {
        DB::transaction(fn () => $act->update(['done_at' => null]));
    }

    /** Writes down what it took; can be written again. */
    public function finish(Pour $pour, Used $used, ?string $note, ?string $photo): void
    {
        DB::transaction(function () use ($pour, $used, $note, $photo): void {
            $pour->refresh();
            $pour->update([
                'finished_at' => $pour->finished_at ?? now(),
                'used_a_ml' => $used->aMl,
                'used_b_ml' => $used->bMl,
                'note' => $note,
                'photo' => $photo ?? $pour->photo,
            ]);
        });
    }

    /** @return list<Advice> */
    public static function stops(CoatResult $result): array
    {
        return array_values(array_filter($result->advice, static fn (Advice $advice): bool => $advice->level === Level::Stop));
    }

    /** The plan whose last coat had such an age, in minutes at the reference temperature, when it was poured. */
    private static function aged(stdClass $plan, float $ageMin): stdClass
    {
        $document = Json::copy($plan);
        $coats = Dig::objects($document, 'coats');
        $coats[count($coats) - 1]->age_min = $ageMin;
        $document->coats = $coats;

        return $document;
    }

    private static function between(CarbonImmutable $from, ?CarbonImmutable $at): CarbonImmutable
    {
        $now = CarbonImmutable::now();

        return $at === null || $at->greaterThan($now) ? $now : ($at->lessThan($from) ? $from : $at);
    }
}
