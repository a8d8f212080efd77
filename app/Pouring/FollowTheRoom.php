<?php

declare(strict_types=1);

namespace App\Pouring;

use App\Journal\Moment;
use App\Models\Pour;
use App\Planning\CoatAnswer;
use App\Saying\Person;
use App\Sensing\RoomLog;
use App\Typed\FieldException;
use Carbon\CarbonImmutable;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Document\PlanDocument;
use OpenGlaze\Core\Film\MeasuredRoom;
use OpenGlaze\Core\Film\TemperaturePoint;
use OpenGlaze\Core\Quantity\UnitSystem;
use OpenGlaze\Core\Run\ByAge;
use OpenGlaze\Core\Run\Later;

/** Folds the clocks of what is setting from the room as it was measured; what was planned stays beside that. */
final readonly class FollowTheRoom
{
    public function __construct(private FilmSchedule $schedule)
    {
    }

    /** Every film that nobody can handle yet. */
    public function all(CarbonImmutable $now): void
    {
        $pours = Pour::query()->setting($now)->whereNotNull('poured_at')->with(['begun', 'poured'])->get();
        // films of one evening lie in one room: it is read once
        $first = $pours->sortBy('poured_at')->first()?->poured_at;
        $room = $first === null ? [] : RoomLog::between($first, $now);
        foreach ($pours as $pour) {
            $followed = $this->of($pour, $room, ((int) Moment::ms($now) - (int) Moment::ms($pour->poured_at)) / 60_000);
            if ($followed?->raw() != $pour->followed?->raw()) {
                $pour->update(['followed' => $followed, 'handle_at' => self::handleAt($pour, $followed ?? $pour->schedule)]);
            }
        }
    }

    /**
     * Its times as the room made them; null while the room is as it was planned with.
     *
     * @param  list<array{int, float}>  $readings  ms since 1970 and °C
     * @param  float  $nowMin  after its pour
     */
    private function of(Pour $pour, array $readings, float $nowMin): ?Entry
    {
        $zero = Moment::ms($pour->poured_at) ?? 0;
        $room = MeasuredRoom::of(array_map(static fn (array $one): array => [($one[0] - $zero) / 3_600_000, $one[1]], $readings));
        try {
            $planned = $this->schedule->again($pour->plan(), $pour->ageMin())->case;
            // what was followed once stays so: what was judged by then keeps its times
            if ($room->points === [] || ($pour->followed === null && $room->isNear($planned->studio->room->temperatures))) {
                return null;
            }
            $result = $this->schedule->again(self::in($pour->plan(), $room), $pour->ageMin());
        } catch (FieldException) {
            // a copy that cannot be computed any more keeps the times that it has
            return null;
        }

        $moved = FilmSchedule::moved(CoatAnswer::kept($result, new Person(UnitSystem::Metric)));

        $acts = self::stillToCome($pour, [...$moved->entries('acts'), ...self::since($pour, new ByAge($planned->clock, $result->case->clock))], $nowMin);
        $gone = array_diff_key(ShownActs::byName($pour->schedule->entries('acts')), ShownActs::byName($acts));

        return $moved->with('acts', $acts)->with('gone', array_keys($gone))->with('of', $pour->poured_event);
    }

    /**
     * What is still to come by the room as it is: acts go with it, and come. What was done, skipped or missed is judged by
     * the times that were shown then.
     *
     * @param  list<Entry>  $moved  what would be planned for this room
     * @return list<Entry>
     */
    private static function stillToCome(Pour $pour, array $moved, float $nowMin): array
    {
        $shown = ShownActs::byName(array_column(ShownActs::timed($pour), 0));
        $planned = ShownActs::byName($pour->schedule->entries('acts'));
        $judged = array_filter($shown, static fn (Entry $act, string $name): bool => $pour->marks->has($name) || ($act->number('until_min') ?? INF) < $nowMin, ARRAY_FILTER_USE_BOTH);
        // nobody comes to what is over when the room brings it
        $comes = static fn (Entry $act, string $name): bool => ! isset($judged[$name]) && (isset($planned[$name]) || isset($shown[$name])
            || (($act->number('due_min') ?? 0.0) >= $nowMin && ShownActs::mayCome($act, $pour)));

        return array_values([...$judged, ...array_filter(ShownActs::byName($moved), $comes, ARRAY_FILTER_USE_BOTH)]);
    }

    /** @return list<Entry> the times of what a film wants because of what happened to it */
    private static function since(Pour $pour, ByAge $by): array
    {
        $acts = [];
        foreach ($pour->schedule->entries('acts') as $act) {
            $since = $act->number('since_min');
            $until = $act->number('until_min');
            if ($since !== null) {
                $due = $by->dueMin($since, $act->number('due_min') ?? $since);
                $acts[] = Entry::from(['id' => $act->text('id'), 'due_min' => $due, 'until_min' => $until === null ? null : max($due, $by->untilMin($until))]);
            }
        }

        return $acts;
    }

    /** When it can be handled by these times; as it was known where they do not say. */
    private static function handleAt(Pour $pour, Entry $times): ?CarbonImmutable
    {
        foreach ($times->entries('later') as $one) {
            $min = $one->text('what') === Later::UNTOUCHED ? $one->number('to_min') : null;
            if ($min !== null) {
                return $pour->poured_at?->addMilliseconds((int) round(60_000 * $min));
            }
        }

        return $pour->handle_at;
    }

    private static function in(PlanDocument $plan, MeasuredRoom $room): PlanDocument
    {
        $studio = $plan->studio()->without('temperature_c', 'temperatures');
        $points = array_map(static fn (TemperaturePoint $point): Entry => Entry::from(['at_h' => $point->atH, 'c' => $point->celsius]), $room->points);

        return $plan->withStudio(count($points) === 1 ? $studio->with('temperature_c', $room->points[0]->celsius) : $studio->with('temperatures', $points));
    }
}
