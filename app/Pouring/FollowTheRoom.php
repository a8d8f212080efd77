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
            $followed = $this->of($pour, $room);
            if ($followed?->raw() != $pour->followed?->raw()) {
                $pour->update(['followed' => $followed, 'handle_at' => self::handleAt($pour, $followed ?? $pour->schedule)]);
            }
        }
    }

    /**
     * Its times as the room made them; null while the room is as it was planned with.
     *
     * @param  list<array{int, float}>  $readings  ms since 1970 and °C
     */
    private function of(Pour $pour, array $readings): ?Entry
    {
        $zero = Moment::ms($pour->poured_at) ?? 0;
        $room = MeasuredRoom::of(array_map(static fn (array $one): array => [($one[0] - $zero) / 3_600_000, $one[1]], $readings));
        try {
            if ($room->points === [] || $room->isNear($this->schedule->again($pour->plan(), $pour->ageMin())->case->studio->room->temperatures)) {
                return null;
            }
            $result = $this->schedule->again(self::in($pour->plan(), $room), $pour->ageMin());
        } catch (FieldException) {
            // a copy that cannot be computed any more keeps the times that it has
            return null;
        }

        return FilmSchedule::moved(CoatAnswer::kept($result, new Person(UnitSystem::Metric)))->with('of', $pour->poured_event);
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
