<?php

declare(strict_types=1);

namespace App\Pouring;

use App\Models\Mixing;
use App\Models\Pour;
use App\Saying\Person;
use Illuminate\Database\Eloquent\Collection;
use OpenGlaze\Core\After\CleanUp;
use OpenGlaze\Core\Film\HeatTool;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Run\ActKind;

/** What is left to be seen to of an evening whose films all lie under their covers: what stands in the cups, what they took, and the bench. */
final readonly class AfterTheEvening
{
    /**
     * @param  list<Pour>  $pours  that are on their pieces
     * @param  list<array{title: string, to: string}>  $left  cups that are left for another evening
     * @return array{evening: string, checks: list<array{id: string, title: string, how: string, off: bool, event: string|null}>, open: list<array{title: string, links: list<array{title: string, to: string}>}>}
     */
    public static function of(array $pours, array $left, TickedChecks $ticked, Person $say): array
    {
        $tools = array_merge(...array_map(self::heat(...), $pours));
        $isOiled = array_filter($pours, static fn (Pour $pour): bool => $pour->oiled) !== [];

        return [
            'evening' => $ticked->evening,
            'checks' => $ticked->said(CleanUp::of($tools, $isOiled), $say),
            'open' => array_values(array_filter(array_map(
                static fn (string $what, array $links): array => ['title' => $say->say(Message::of("after.open.$what")), 'links' => $links],
                ['rest', 'unwritten', 'left'],
                [self::rests($pours, $say), self::unwritten($pours), $left],
            ), static fn (array $open): bool => $open['links'] !== [])),
        ];
    }

    /** @return list<HeatTool> what heat was really brought with, pass by pass */
    private static function heat(Pour $pour): array
    {
        $tools = [];
        foreach ($pour->schedule->entries('acts') as $act) {
            $mark = $pour->marks->at($act->text('id') ?? '');
            if (PourState::kind($act) === ActKind::Pass && $mark->has('at') && $mark->text('because') === null) {
                $tools[] = HeatTool::tryFrom($mark->text('tool') ?? '') ?? $pour->tool();
            }
        }

        return $tools;
    }

    /**
     * @param  list<Pour>  $pours
     * @return list<array{title: string, to: string}> cups with something in them that nobody has said anything of
     */
    private static function rests(array $pours, Person $say): array
    {
        $first = [];
        foreach ($pours as $pour) {
            if ($pour->mixing_id !== null) {
                $first[$pour->mixing_id] ??= $pour;
            }
        }
        /** @var Collection<int, Mixing> $cups */
        $cups = Mixing::query()->with('begun')->whereIn('id', array_keys($first))->whereNull('rest')->whereNull('discarded_at')->orderBy('begun_at')->get();
        $open = [];
        foreach ($cups as $cup) {
            if ($cup->result()->hasRest()) {
                $open[] = ['title' => $say->say(Message::of('after.rest', cup: $cup->title, ml: Measure::volume($cup->result()->restMl()))), 'to' => '/pours/'.$first[$cup->id]->id];
            }
        }

        return $open;
    }

    /**
     * @param  list<Pour>  $pours
     * @return list<array{title: string, to: string}>
     */
    private static function unwritten(array $pours): array
    {
        $open = array_values(array_filter($pours, static fn (Pour $pour): bool => $pour->written_at === null));

        return array_map(static fn (Pour $pour): array => ['title' => $pour->title, 'to' => "/pours/$pour->id/finish"], $open);
    }
}
