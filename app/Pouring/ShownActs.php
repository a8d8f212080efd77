<?php

declare(strict_types=1);

namespace App\Pouring;

use App\Models\Pour;
use App\Saying\Person;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Quantity\UnitSystem;
use OpenGlaze\Core\Run\ActKind;
use OpenGlaze\Core\Run\WaitCover;
use OpenGlaze\Core\Run\Watched;

/** What a film still wants and what was done to it, as it is shown: as it was planned, as the room moved it, and with its cover on in between. */
final class ShownActs
{
    /**
     * @param  float  $nowMin  after its pour
     * @param  VapoursInRoom|null  $vapours  that passes wait for; null where they are not asked for
     * @return list<array{Entry, float}> in the order of the times that are shown, each with when it was planned, min after the pour
     */
    public static function of(Pour $pour, float $nowMin, ?VapoursInRoom $vapours = null): array
    {
        $acts = self::timed($pour);
        $acts = $vapours === null ? $acts : $vapours->heldBack($acts, $pour);

        return self::inOrder([...$acts, ...array_map(static fn (Entry $cover): array => [$cover, self::dueMin($cover)], self::covers($pour, array_column($acts, 0), $nowMin))]);
    }

    /** @return list<array{Entry, float}> the same without the covers in between that nobody put on yet */
    public static function timed(Pour $pour): array
    {
        $moved = $pour->moved();
        $times = self::byName($moved?->entries('acts') ?? []);
        $planned = self::byName($pour->schedule->entries('acts'));
        $acts = [];
        foreach ($planned as $name => $act) {
            // what the room took away is not done any more
            if ($pour->marks->has($name) || ! in_array($name, $moved?->texts('gone') ?? [], true)) {
                $acts[] = [$act->over($times[$name] ?? Entry::of()), self::dueMin($act)];
            }
        }
        foreach (array_diff_key($times, $planned) as $act) {
            if (self::mayCome($act, $pour)) {
                $acts[] = [$act, self::dueMin($act)];
            }
        }

        return self::inOrder($acts);
    }

    /** Whether it may come with the room: none of what something else stands in for, and nothing of what was taken back. */
    public static function mayCome(Entry $act, Pour $pour): bool
    {
        return $act->has('title') && ! in_array($act->text('kind'), $pour->schedule->texts('replaced'), true);
    }

    /**
     * The one of such a name; null where the film has none. A cover in between it always has: who puts it on sooner or later does so.
     *
     * @param  float  $nowMin  after its pour
     */
    public static function named(string $name, Pour $pour, float $nowMin): ?Entry
    {
        $acts = self::byName(array_column(self::of($pour, $nowMin), 0));
        $after = WaitCover::afterOf($name);

        return $acts[$name] ?? ($after === WaitCover::POUR || isset($acts[$after ?? '']) ? self::cover($name, $nowMin, null, '') : null);
    }

    /**
     * @param  list<Entry>  $acts
     * @return array<string, Entry>
     */
    public static function byName(array $acts): array
    {
        return array_combine(array_map(static fn (Entry $act): string => $act->text('id') ?? '', $acts), $acts);
    }

    /**
     * @param  list<Entry>  $acts
     * @return list<Entry>
     */
    private static function covers(Pour $pour, array $acts, float $nowMin): array
    {
        $poured = $pour->poured_at?->getTimestampMs();
        if ($poured === null) {
            return [];
        }
        $judged = $pour->shown()->number('fill.judge_from_min') ?? WaitCover::JUDGED_MIN;
        $watched = [new Watched(WaitCover::POUR, ActKind::Pour->gloves($pour->tool()), 0.0, $judged)];
        $titles = [];
        foreach ($acts as $act) {
            [$name, $kind] = [$act->text('id') ?? '', PourState::kind($act)];
            // no cover goes on for a wait that ends with one
            if ($kind === ActKind::Cover) {
                continue;
            }
            $titles[$name] = $act->text('title') ?? '';
            $mark = $pour->marks->at($name);
            $at = $mark->text('because') === null ? $mark->number('at') : null;
            $done = $at === null ? null : ($at - $poured) / 60_000;
            $watched[] = new Watched($name, $kind->gloves($pour->tool()), $done ?? self::dueMin($act), max($judged, $done ?? self::dueMin($act) + PourState::lastsMin($act)));
        }
        $covers = [];
        foreach (WaitCover::among($watched) as $one) {
            if ($one->untilMin >= $nowMin && ! $pour->marks->has($one->act())) {
                $covers[] = self::cover($one->act(), $one->dueMin, $one->untilMin, $titles[$one->before] ?? '');
            }
        }

        return $covers;
    }

    private static function cover(string $name, float $dueMin, ?float $untilMin, string $before): Entry
    {
        // no measure is in it
        $person = new Person(UnitSystem::Metric);

        return Entry::from([
            'id' => $name,
            'kind' => ActKind::Cover->value,
            'due_min' => $dueMin,
            'until_min' => $untilMin,
            'title' => $person->say(Message::of('acts.cover.wait')),
            'how' => $person->say($before === '' ? Message::of('acts.cover.how') : Message::of('acts.cover.wait_how', act: $before)),
            'lasts_min' => WaitCover::LASTS_MIN,
        ]);
    }

    private static function dueMin(Entry $act): float
    {
        return $act->number('due_min') ?? 0.0;
    }

    /**
     * @param  list<array{Entry, float}>  $acts
     * @return list<array{Entry, float}>
     */
    private static function inOrder(array $acts): array
    {
        usort($acts, static fn (array $a, array $b): int => self::dueMin($a[0]) <=> self::dueMin($b[0]));

        return $acts;
    }
}
