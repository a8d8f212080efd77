<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Editing;
use App\Http\SentJson;
use App\Models\Coat;
use App\Models\Piece;
use App\Models\Template;
use App\PlanFile\Json;
use App\Planning\CoatChanges;
use App\Planning\CoatDesk;
use App\Planning\PieceDesk;
use App\Planning\StackDesk;
use App\Saying\Person;
use App\Typed\FieldException;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use JsonException;
use OpenGlaze\Core\Coating\WhatKeepsIt;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Plan\CoatKind;

/** The stack of coats of a piece, and the studio's templates. */
final readonly class StackController
{
    public function __construct(private StackDesk $stacks)
    {
    }

    public function add(Request $request, Piece $piece): RedirectResponse
    {
        $kind = SentJson::of($request)->value('kind');
        $kind = CoatKind::tryFrom(is_string($kind) ? $kind : '') ?? throw FieldException::at(['form' => Message::of('refused.kind_of_coat')]);

        return redirect()->route('coats.show', $this->stacks->add($piece, $kind));
    }

    public function double(Coat $coat): RedirectResponse
    {
        return redirect()->route('coats.show', $this->stacks->double($coat));
    }

    /** The same film as so many coats: what a stop for its depth or heat offers. */
    public function split(Request $request, Coat $coat, CoatDesk $coats): RedirectResponse
    {
        $count = SentJson::of($request)->value('count');
        $film = $coats->saved($coat)->coat->case->thicknessMm?->value;
        if (! is_int($count) || $count < 2 || $count > WhatKeepsIt::MOST_COATS || $film === null) {
            throw FieldException::at(['form' => Message::of('refused.count_of_coats', most: WhatKeepsIt::MOST_COATS)]);
        }
        $before = Json::line($coat->spec->sizeBy());
        $new = $this->stacks->split($coat, $film, $count, Editing::by($request, SentJson::of($request)));

        return redirect()->route('coats.show', $coat)
            ->with('said', Person::of($request)->say(Message::of('said.in_coats', count: $count)))
            ->with('undo', "/coats/{$coat->id}/whole?".http_build_query(['others' => implode(',', array_map(static fn (Coat $one): int => $one->id, $new)), 'size' => $before]));
    }

    public function whole(Request $request, Coat $coat, CoatDesk $coats): RedirectResponse
    {
        [$others, $size] = [$request->query('others'), $request->query('size')];
        try {
            $sizeBy = Json::read(is_string($size) ? $size : '');
        } catch (JsonException) {
            throw FieldException::at(['form' => Message::of('refused.thickness_before')]);
        }
        // read before it is kept, of a copy: what is asked for comes in the address
        $coats->changed(Coat::query()->findOrFail($coat->id), new CoatChanges(null, Entry::from(['size_by' => $sizeBy]), Entry::of(), Entry::of()));
        $this->stacks->whole($coat, array_map(intval(...), explode(',', is_string($others) ? $others : '')), $sizeBy, Editing::by($request, SentJson::of($request)));

        return redirect()->route('coats.show', $coat)->with('said', Person::of($request)->say(Message::of('said.one_coat_again')));
    }

    public function move(Request $request, Coat $coat): RedirectResponse
    {
        $by = SentJson::of($request)->value('by');
        $this->stacks->move($coat, is_int($by) ? $by : 0);

        return redirect()->route('coats.show', $coat);
    }

    public function takeAway(Request $request, Coat $coat): RedirectResponse
    {
        $this->stacks->takeAway($coat);

        return redirect()->route('coats.show', $coat->piece->coats()->firstOrFail())
            ->with('said', Person::of($request)->say(Message::of('said.coat_away', kind: Message::of('kinds.'.$coat->kind()))))
            ->with('undo', "/coats/{$coat->id}/restore");
    }

    public function restore(Request $request, Coat $coat): RedirectResponse
    {
        $coat->restore();

        return redirect()->route('coats.show', $coat)->with('said', Person::of($request)->say(Message::of('said.coat_back', kind: Message::of('kinds.'.$coat->kind()))));
    }

    public function sameAgain(Request $request, Piece $piece, PieceDesk $pieces): RedirectResponse
    {
        $again = $pieces->sameAgain($piece);

        return redirect()->route('pieces.edit', $again)->with('said', Person::of($request)->say(Message::of('said.same_again')));
    }

    public function keep(Request $request, Piece $piece): RedirectResponse
    {
        $name = SentJson::of($request)->value('name');
        $template = $this->stacks->keep($piece, is_string($name) ? $name : '');

        return back()->with('said', Person::of($request)->say(Message::of('said.stack_kept', name: $template->name)));
    }

    public function apply(Request $request, Piece $piece, Template $template): RedirectResponse
    {
        $before = implode(',', $this->stacks->ids($piece));

        return redirect()->route('coats.show', $this->stacks->apply($template, $piece))
            ->with('said', Person::of($request)->say(Message::of('said.stack_laid', name: $template->name, piece: $piece->name())))
            ->with('undo', "/pieces/{$piece->id}/stack/restore?coats=$before");
    }

    /** The coats that a template took the place of. */
    public function putBack(Request $request, Piece $piece): RedirectResponse
    {
        $ids = $request->query('coats');
        $this->stacks->putBack($piece, array_map(intval(...), explode(',', is_string($ids) ? $ids : '')));

        return redirect()->route('coats.show', $piece->coats()->firstOrFail())->with('said', Person::of($request)->say(Message::of('said.coats_back')));
    }
}
