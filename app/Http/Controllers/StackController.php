<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Body;
use App\Models\Coat;
use App\Models\Piece;
use App\Models\Template;
use App\Planning\PieceDesk;
use App\Planning\StackDesk;
use App\Typed\FieldException;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use OpenGlaze\Core\Plan\CoatKind;

/** The stack of coats of a piece, and the studio's templates. */
final readonly class StackController
{
    public function __construct(private StackDesk $stacks)
    {
    }

    public function add(Request $request, Piece $piece): RedirectResponse
    {
        $kind = Body::of($request)->kind ?? null;
        $kind = CoatKind::tryFrom(is_string($kind) ? $kind : '') ?? throw FieldException::at(['form' => 'Choose what the coat is for.']);

        return redirect()->route('coats.show', $this->stacks->add($piece, $kind));
    }

    public function double(Coat $coat): RedirectResponse
    {
        return redirect()->route('coats.show', $this->stacks->double($coat));
    }

    public function move(Request $request, Coat $coat): RedirectResponse
    {
        $by = Body::of($request)->by ?? null;
        $this->stacks->move($coat, is_int($by) ? $by : 0);

        return redirect()->route('coats.show', $coat);
    }

    public function takeAway(Coat $coat): RedirectResponse
    {
        $this->stacks->takeAway($coat);

        return redirect()->route('coats.show', $coat->piece->coats()->firstOrFail())
            ->with('said', 'The '.$coat->kind().' coat was taken away.')
            ->with('undo', "/coats/{$coat->id}/restore");
    }

    public function restore(Coat $coat): RedirectResponse
    {
        $coat->restore();

        return redirect()->route('coats.show', $coat)->with('said', 'The '.$coat->kind().' coat is back.');
    }

    public function sameAgain(Piece $piece, PieceDesk $pieces): RedirectResponse
    {
        $again = $pieces->sameAgain($piece);

        return redirect()->route('pieces.edit', $again)->with('said', 'The same again, with its coats: give it its size.');
    }

    public function keep(Request $request, Piece $piece): RedirectResponse
    {
        $name = Body::of($request)->name ?? null;
        $template = $this->stacks->keep($piece, is_string($name) ? $name : '');

        return back()->with('said', "\"{$template->name}\" can be laid on any piece now.");
    }

    public function apply(Piece $piece, Template $template): RedirectResponse
    {
        $before = implode(',', $this->stacks->ids($piece));

        return redirect()->route('coats.show', $this->stacks->apply($template, $piece))
            ->with('said', "\"{$template->name}\" is laid on {$piece->name()}.")
            ->with('undo', "/pieces/{$piece->id}/stack/restore?coats=$before");
    }

    /** The coats that a template took the place of. */
    public function putBack(Request $request, Piece $piece): RedirectResponse
    {
        $ids = $request->query('coats');
        $this->stacks->putBack($piece, array_map(intval(...), explode(',', is_string($ids) ? $ids : '')));

        return redirect()->route('coats.show', $piece->coats()->firstOrFail())->with('said', 'The coats are back.');
    }
}
