<?php

declare(strict_types=1);

namespace App\Pouring;

use App\Journal\Moment;
use App\Models\Pour;
use Carbon\CarbonImmutable;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Round\Vapours;
use OpenGlaze\Core\Run\ActKind;

/** What burns on the bench: passes of all other films wait for it, or are left out. */
final readonly class VapoursInRoom
{
    /** @param  list<Vapours>  $all  min since 1970 */
    private function __construct(private array $all)
    {
    }

    public static function at(CarbonImmutable $now): self
    {
        return self::of(Pour::query()->onTheBench($now)->whereNotNull('schedule->vapours_until_h')->get()->all(), $now);
    }

    /** @param  array<Pour>  $pours  of those that are on the bench, at least those whose vapours burn */
    public static function of(array $pours, CarbonImmutable $now): self
    {
        $all = [];
        foreach ($pours as $pour) {
            $hours = $pour->schedule->number('vapours_until_h');
            $until = ((int) Moment::ms($pour->poured_at ?? $pour->started_at)) / 60_000 + 60 * ($hours ?? 0.0);
            if ($hours !== null && $until > (int) Moment::ms($now) / 60_000) {
                $all[] = new Vapours($pour->title, $until);
            }
        }

        return new self($all);
    }

    /** Those that burn longest; null where nothing does. */
    private function last(): ?Vapours
    {
        return Vapours::last($this->all);
    }

    /** @return list<Message> what is ruled out, by which film and for how long */
    public function said(CarbonImmutable $now): array
    {
        $last = $this->last();

        return $last === null ? [] : [Message::of('run.no_flame', film: $last->film, left: Measure::minutes($last->untilMin - (int) Moment::ms($now) / 60_000))];
    }

    /**
     * What a film still wants, without the passes that may not be any more, and with the others when they may.
     *
     * @param  list<array{Entry, float}>  $acts  each with when it was planned
     * @return list<array{Entry, float}>
     */
    public function heldBack(array $acts, Pour $pour): array
    {
        $last = $this->last();
        $poured = Moment::ms($pour->poured_at);
        if ($last === null || $poured === null || ! $pour->tool()->lightsVapours()) {
            return $acts;
        }
        $vapours = new Vapours($last->film, $last->untilMin - $poured / 60_000);
        $held = [];
        foreach ($acts as [$act, $plannedMin]) {
            $waits = PourState::kind($act) === ActKind::Pass && ! $pour->marks->has($act->text('id') ?? '');
            $dueMin = $waits ? $vapours->mayLightAt($act->number('due_min') ?? 0.0, $act->number('until_min'), PourState::lastsMin($act)) : null;
            if (! $waits || $dueMin !== null) {
                $held[] = [$dueMin === null ? $act : $act->with('due_min', $dueMin), $plannedMin];
            }
        }

        return $held;
    }
}
