<?php

declare(strict_types=1);

namespace App\Pouring;

use App\Journal\Moment;
use App\Mixing\CupReader;
use App\Models\Plan;
use App\Models\Pour;
use App\Saying\Person;
use App\Sensing\RoomLog;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Film\HeatTool;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Round\LaidAct;
use OpenGlaze\Core\Round\Round;
use OpenGlaze\Core\Round\RoundAct;
use OpenGlaze\Core\Round\Rounds;
use OpenGlaze\Core\Run\ActKind;
use OpenGlaze\Core\Run\Gloves;

/** All that is on the bench as one run: what is poured next, then the acts of every film in rounds, one pair of hands after the other. */
final readonly class BenchRun
{
    /** Hands that did nothing for so long are clean ones. */
    private const CLEAN_AFTER_MIN = 90.0;

    /** So long hands stay at a pour before they can turn to what cannot wait: between two pieces, or two ribbons. */
    private const POUR_AT_A_TIME_MIN = 3.0;

    /** @param  array<string, Pour>  $pours  by their ids, in the order in which they were begun */
    private function __construct(
        private array $pours,
        private CarbonImmutable $now,
        /** when the clock of the rounds begins, ms since 1970 */
        private int $zero,
        private Rounds $rounds,
        /** acts that a second pair of hands does not come to in time either */
        private ?int $secondLeaves,
        private VapoursInRoom $vapours,
        private BeforeTheEvening $before,
        private NextCup $next,
        private CupReader $cups,
    ) {
    }

    public static function at(CarbonImmutable $now, BeforeTheEvening $before, NextCup $next, CupReader $cups): self
    {
        $pours = [];
        foreach (array_reverse(OnTheBench::pours($now)) as $pour) {
            $pours[$pour->id] = $pour;
        }
        // what was computed of them says how long each takes, and how many there are of it
        Collection::make($pours)->load('begun');
        $zero = (int) Moment::ms($now->startOfDay());
        $vapours = VapoursInRoom::of($pours, $now);
        $acts = array_merge(...array_map(static fn (Pour $pour, int $turn): array => self::actsOf($pour, $turn, $now, $zero, $vapours), $pours, array_keys(array_values($pours))));
        $laying = KeptLaying::of($acts, ((int) Moment::ms($now) - $zero) / 60_000, self::hands($pours, $now));

        return new self($pours, $now, $zero, $laying->rounds, $laying->secondLeaves, $vapours, $before, $next, $cups);
    }

    /** @return array<string, mixed> as the page counts it down; moments in ms since 1970 */
    public function state(Person $person): array
    {
        $cups = OnTheBench::cups($this->now, $this->cups);
        $ticked = $cups !== [] || NextCup::isUnderWay($this->now) ? $this->before->ticked($this->now) : null;

        return [
            'now' => Moment::ms($this->now),
            'films' => array_map(fn (Pour $pour): array => [...PourState::of($pour, $this->now, $this->vapours), 'cup' => $pour->mixing_id, 'to_pour' => $this->toPour($pour)], array_values($this->pours)),
            'cups' => $cups,
            'room' => RoomLog::last($this->now)?->state(),
            'rounds' => array_map(fn (Round $round): array => [
                'gloves' => $round->gloves->value,
                'changes' => $round->changes,
                'acts' => array_map(fn (LaidAct $laid): array => [
                    'film' => $laid->act->film,
                    'act' => $laid->act->act,
                    'begin_at' => $this->moment($laid->beginMin),
                ], $round->acts),
            ], $this->rounds->rounds),
            'pairs' => $this->rounds->pairsToLayer(),
            'warnings' => array_map($person->say(...), $this->warnings()),
            'mix' => $ticked === null ? null : $this->next->state($cups, $this->isPoured(), $this->now, $ticked, fn (float $lastsMin): int => $this->moment($this->rounds->momentFor($lastsMin, Gloves::Sticky))),
            'after' => $ticked === null || $cups !== [] || ! $this->isPoured() ? null : $this->after($ticked, $person),
            // the last checks, while nothing is mixed yet
            'before' => $ticked !== null ? null : $this->before->of($this->now, $person),
        ];
    }

    /** Whether all that is on the bench is on its piece. */
    private function isPoured(): bool
    {
        return array_filter($this->pours, static fn (Pour $pour): bool => $pour->poured_at === null) === [];
    }

    /** @return array<string, mixed>|null what is seen to when nothing wants a hand any more; null where nothing was poured this evening */
    private function after(TickedChecks $ticked, Person $person): ?array
    {
        $since = TickedChecks::since($this->now);
        $tonight = array_values(array_filter($this->pours, static fn (Pour $pour): bool => $pour->started_at->format('Y-m-d H:i:s.v') >= $since));

        return $tonight === [] ? null : AfterTheEvening::of($tonight, $this->next->left(Plan::own(), $ticked), $ticked, $person);
    }

    /** @return list<Message> what one pair of hands does not come to in time */
    private function warnings(): array
    {
        $isPour = static fn (RoundAct $act): bool => $act->kind === ActKind::Pour;
        $said = [...$this->vapours->said($this->now), ...array_map(fn (RoundAct $act): Message => Message::of('run.gelled', film: $this->pours[$act->film]->title), array_values(array_filter($this->rounds->lost, $isPour)))];
        $lost = array_values(array_filter($this->rounds->lost, static fn (RoundAct $act): bool => ! $isPour($act) && ! $act->canWait));
        if ($lost !== []) {
            $names = ['act' => $this->title($lost[0]), 'film' => $this->pours[$lost[0]->film]->title];
            $said[] = count($lost) === 1 ? Message::of('run.lost_one', ...$names) : Message::of('run.lost', ...$names, count: count($lost));
        }
        $parted = array_values(array_filter($this->rounds->acts(), static fn (LaidAct $laid): bool => $laid->isParted() && ! $laid->act->canWait));
        if ($parted !== []) {
            $said[] = Message::of('run.parted', act: $this->title($parted[0]->act), film: $this->pours[$parted[0]->act->film]->title, pieces: $parted[0]->pieces, of: $parted[0]->act->pieces);
        }
        // a pour is never early enough; what it makes late is said of that
        $late = array_values(array_filter($this->rounds->late(), static fn (LaidAct $laid): bool => ! $isPour($laid->act)));
        usort($late, static fn (LaidAct $a, LaidAct $b): int => $b->lateMin() <=> $a->lateMin());
        if ($late !== [] && $late[0]->lateMin() >= 1) {
            $names = ['act' => $this->title($late[0]->act), 'film' => $this->pours[$late[0]->act->film]->title, 'late' => Measure::minutes($late[0]->lateMin())];
            $said[] = count($late) === 1 ? Message::of('run.late_one', ...$names) : Message::of('run.late', ...$names, count: count($late));
        }
        if ($this->secondLeaves !== null && ($lost !== [] || ($late[0] ?? null)?->lateMin() >= 1)) {
            $said[] = $this->secondLeaves === 0 ? Message::of('run.second_leaves_none') : Message::of('run.second_leaves', left: $this->secondLeaves, of: count($lost) + count($late));
        }

        return $said;
    }

    private function moment(float $min): int
    {
        return $this->zero + (int) round($min * 60_000);
    }

    private function title(RoundAct $act): string
    {
        return ShownActs::named($act->act, $this->pours[$act->film], 0.0)?->text('title') ?? '';
    }

    /** @return list<RoundAct> what it still wants, on a clock that begins at a moment, ms since 1970 */
    private static function actsOf(Pour $pour, int $turn, CarbonImmutable $now, int $zero, VapoursInRoom $vapours): array
    {
        $poured = Moment::ms($pour->poured_at);
        if ($poured === null) {
            // as soon as it is mixed; until it cannot be poured any more
            $mixed = ((int) Moment::ms($pour->started_at) - $zero) / 60_000;
            $gels = $pour->shown()->number('gels_min');

            return [new RoundAct($pour->id, ActKind::Pour->value, ActKind::Pour, HeatTool::None, $mixed, $gels === null ? null : $mixed + $gels, min(self::POUR_AT_A_TIME_MIN, self::layingMin($pour)), $turn)];
        }
        $since = ((int) Moment::ms($now) - $poured) / 60_000;
        $from = ($poured - $zero) / 60_000;
        $tool = $pour->tool();
        $acts = [];
        foreach (ShownActs::of($pour, $since, $vapours) as [$act]) {
            $id = $act->text('id') ?? '';
            $until = $act->number('until_min');
            if (! $pour->marks->has($id) && ($until === null || $since <= $until)) {
                $acts[] = new RoundAct($pour->id, $id, PourState::kind($act), $tool, $from + ($act->number('due_min') ?? 0.0), $until === null ? null : $from + $until, PourState::lastsMin($act), $turn, self::pieces($pour));
            }
        }

        return $acts;
    }

    /** How many pieces lie under a film. */
    private static function pieces(Pour $pour): int
    {
        return max(1, (int) ($pour->count ?? $pour->result()->pieces() ?? 1));
    }

    /**
     * What the hands are like: as after the last act, or sticky from a pour.
     *
     * @param  array<Pour>  $pours
     */
    private static function hands(array $pours, CarbonImmutable $now): Gloves
    {
        [$last, $hands] = [(int) Moment::ms($now) - (int) (self::CLEAN_AFTER_MIN * 60_000), Gloves::Clean];
        foreach ($pours as $pour) {
            $poured = Moment::ms($pour->poured_at);
            if ($poured !== null && $poured > $last) {
                [$last, $hands] = [$poured, Gloves::Sticky];
            }
            foreach ($pour->schedule->entries('acts') as $act) {
                $mark = $pour->marks->at($act->text('id') ?? '');
                $at = $mark->text('because') === null ? $mark->number('at') : null;
                if ($at !== null && $at >= $last) {
                    [$last, $hands] = [(int) $at, $hands->after(PourState::kind($act)->gloves($pour->tool()))];
                }
            }
        }

        return $hands;
    }

    private static function layingMin(Pour $pour): float
    {
        $all = $pour->result()->pieces() ?? 1.0;

        return ($pour->result()->layingMin() ?? $all) * ($pour->count ?? $all) / max(1.0, $all);
    }

    /** @return array{ml: float|null, of_cup_pct: float|null, parts: list<array{colour: string, share_pct: float, ml: float|null, how: string|null}>, count: int|null, how: string, laying_min: float}|null null once it is poured */
    private function toPour(Pour $pour): ?array
    {
        if ($pour->poured_at !== null) {
            return null;
        }
        $ml = self::plannedMl($pour);

        return [
            'ml' => $ml,
            'of_cup_pct' => $this->ofCupPct($pour),
            'parts' => array_map(static fn (Entry $part): array => [
                'colour' => $part->text('colour') ?? '',
                'share_pct' => $share = $part->number('share_pct') ?? 0.0,
                'ml' => $ml === null ? null : $ml * $share / 100,
                'how' => $part->text('how'),
            ], $pour->result()->parts()),
            'count' => $pour->count,
            'how' => $pour->result()->pour(),
            'laying_min' => self::layingMin($pour),
        ];
    }

    /** How much of what its cup still holds is for it, per cent; null where nothing else was to be poured from it. */
    private function ofCupPct(Pour $pour): ?float
    {
        $all = array_filter($this->pours, static fn (Pour $one): bool => $one->mixing_id === $pour->mixing_id);
        $left = array_filter($all, static fn (Pour $one): bool => $one->poured_at === null);
        $ml = array_sum(array_map(self::plannedMl(...), $left));

        return $pour->mixing_id === null || count($all) < 2 || $ml <= 0 ? null : 100 * (self::plannedMl($pour) ?? 0.0) / $ml;
    }

    private static function plannedMl(Pour $pour): ?float
    {
        return UsedBesidePlanned::planned($pour)->number('total_ml');
    }
}
