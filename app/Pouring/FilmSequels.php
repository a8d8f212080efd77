<?php

declare(strict_types=1);

namespace App\Pouring;

use App\Journal\Pressed;
use App\Models\Pour;
use App\Planning\CoatAnswer;
use App\Saying\Person;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Document\KeptCoat;
use OpenGlaze\Core\Journal\EventKind;
use OpenGlaze\Core\Journal\FilmRecord;
use OpenGlaze\Core\Journal\Mishap;
use OpenGlaze\Core\Run\ActKind;
use OpenGlaze\Core\Run\EffectOil;
use OpenGlaze\Core\Run\Sequel;
use OpenGlaze\Core\Run\ToppingUp;
use OpenGlaze\Core\Run\WhatToDo;

/** What a film wants because of what was pressed, worked out when it is written down: what was added, touched in, or happened to it. */
final readonly class FilmSequels
{
    private const LONGEST_WHERE = 120;

    public function __construct(private FilmSchedule $schedule)
    {
    }

    /** The facts of what was pressed, with the acts that follow from it. */
    public function of(Pressed $pressed, FilmRecord $film, Person $person): Entry
    {
        $facts = match ($pressed->kind) {
            EventKind::ToppedUp => Entry::from(['ml' => $pressed->facts->number('ml')]),
            EventKind::Oiled => Entry::from(array_filter(['how' => $pressed->facts->text('how'), 'text' => mb_substr(trim($pressed->facts->text('where') ?? ''), 0, self::LONGEST_WHERE)])),
            EventKind::Happened => Entry::from(array_filter(['what' => $pressed->facts->text('what'), 'ml' => $pressed->facts->number('ml')], static fn (mixed $fact): bool => $fact !== null)),
            default => Entry::of(),
        };
        $sequel = $film->poured === null ? Sequel::nothing() : $this->sequel($pressed, $film, $facts);

        return $sequel->acts === [] && $sequel->insteadOf === [] ? $facts
            : $facts->with('acts', array_map(Entry::from(...), CoatAnswer::acts($sequel->acts, $person)))
                ->with('instead_of', array_map(static fn (ActKind $kind): string => $kind->value, $sequel->insteadOf))
                ->with('stands_for', self::standsFor($sequel, $pressed->subject, $film->minutesAfterPour($pressed->press->correctedMs())));
    }

    /** @return list<string> the acts that no longer count: of its kinds, what is still to come by the times that are shown */
    private static function standsFor(Sequel $sequel, string $film, float $atMin): array
    {
        $pour = Pour::query()->find($film);
        $shown = $pour === null ? [] : array_column(ShownActs::timed($pour), 0);
        $toCome = array_filter($shown, static fn (Entry $act): bool => in_array(PourState::kind($act), $sequel->insteadOf, true) && ($act->number('due_min') ?? 0.0) > $atMin);

        return array_map(static fn (Entry $act): string => $act->text('id') ?? '', array_values($toCome));
    }

    private function sequel(Pressed $pressed, FilmRecord $film, Entry $facts): Sequel
    {
        $answer = $film->laid()->answer ?? KeptCoat::of();
        $atMin = $film->minutesAfterPour($pressed->press->correctedMs());
        $name = substr($pressed->id, 0, 8);
        $closesMin = $answer->torchClosesMin() ?? $answer->openMin();
        $mishap = Mishap::tryFrom($facts->text('what') ?? '');

        return match (true) {
            $pressed->kind === EventKind::ToppedUp => $this->toppedUp($film, $name, $atMin, $facts->number('ml') ?? 0.0),
            $pressed->kind === EventKind::Oiled => EffectOil::sequel($name, $atMin, $closesMin),
            $mishap !== null => WhatToDo::sequel($mishap, $name, $atMin, $closesMin, $answer->gelsMin() ?? $closesMin),
            default => Sequel::nothing(),
        };
    }

    private function toppedUp(FilmRecord $film, string $name, float $atMin, float $ml): Sequel
    {
        $is = $this->schedule->toppedUp($film, $atMin, $ml);
        $passes = array_filter($film->schedule(), static fn (Entry $act): bool => $act->text('kind') === ActKind::Pass->value
            && ! isset($film->acts[$act->text('id') ?? '']) && ($act->number('due_min') ?? 0.0) > $atMin);

        $passed = array_filter($film->schedule(), static fn (Entry $act): bool => $act->text('kind') === ActKind::Pass->value && ($film->acts[$act->text('id') ?? ''] ?? null)?->isDone() === true);

        return $is === null ? Sequel::nothing() : ToppingUp::sequel($is, $name, $atMin, $passes !== [], count($passed));
    }
}
