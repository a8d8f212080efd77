<?php

declare(strict_types=1);

namespace App\Planning;

use App\Editing\Difference;
use App\Editing\Edit;
use App\Editing\Stale;
use App\Editing\Versions;
use App\Models\Coat;
use App\Models\Piece;
use App\Models\Plan;
use App\Models\Pour;
use App\Typed\FieldException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Document\PieceEntry;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Plan\CoatKind;
use OpenGlaze\Core\Plan\Piece as CorePiece;
use OpenGlaze\Core\Plan\PlanException;
use OpenGlaze\Core\Reading\PieceReader;
use OpenGlaze\Core\Reading\PlanReader;

/** Takes pieces in, changes them, and gives a new one its first coat. */
final readonly class PieceDesk
{
    public function __construct(
        private PlanAssembler $assembler,
        private StackDesk $stacks,
    ) {
    }

    /** @throws FieldException with a sentence for each field that cannot be used; nothing is saved then */
    public function takeIn(Plan $plan, Entry $spec): Piece
    {
        return DB::transaction(function () use ($plan, $spec): Piece {
            $key = $this->freeKey($plan, $spec->text('name') ?? '');
            $spec = PieceEntry::from(['id' => $key])->over($spec);
            $this->check($plan, $spec);
            $piece = $this->insert($plan, $key, $spec);
            $this->stacks->add($piece, CoatKind::Flood);

            return $piece;
        });
    }

    /**
     * @throws FieldException with a sentence for each field that cannot be used; nothing is saved then
     * @throws Stale when a field that it writes was changed since it was read
     */
    public function change(Piece $piece, Entry $changes, Edit $edit): void
    {
        // its name among the coats and batches is its own
        $changes = $changes->without('id');
        DB::transaction(function () use ($piece, $changes, $edit): void {
            $piece->refresh();
            Versions::refuseStale('piece', $piece, Difference::paths($changes), $edit);
            $spec = $piece->spec->over($changes);
            $this->check($piece->plan, $spec);
            Versions::count('piece', $piece, $piece->spec, $spec, $edit);
            $piece->update(['spec' => $spec]);
        });
    }

    /** The piece as the core reads it. @throws FieldException */
    public function check(Plan $plan, PieceEntry $spec): CorePiece
    {
        if (trim($spec->name() ?? '') === '') {
            throw FieldException::at(['name' => Message::of('refused.name_of_piece')]);
        }
        $document = $this->assembler->bare($plan)->with('pieces', [$spec]);
        try {
            $pieces = array_values((new PlanReader)->read($document)->pieces);
        } catch (PlanException $exception) {
            throw FieldException::fromPlan($exception, ['/pieces/0/' => '', '/studio/' => 'studio.']);
        }

        return $pieces[0];
    }

    /**
     * What pages show of a saved piece.
     *
     * @return array{id: int, name: string, spec: PieceEntry, drawing: array<string, mixed>}
     */
    public function summary(Piece $piece): array
    {
        return [
            'id' => $piece->id,
            'name' => $piece->name(),
            'spec' => $piece->spec,
            'drawing' => OutlineDrawing::of((new PieceReader)->saved($piece->spec)),
        ];
    }

    /** The lowest coat that nothing was poured of yet; null when all were. */
    public function nextCoat(Piece $piece): ?Coat
    {
        return $piece->coats()->whereNotIn('id', Pour::query()->where('piece_id', $piece->id)->whereNotNull('coat_id')->select('coat_id'))->first();
    }

    /** The same piece once more, with its stack, to be given another size. */
    public function sameAgain(Piece $piece): Piece
    {
        return DB::transaction(function () use ($piece): Piece {
            $name = $piece->name().', again';
            $key = $this->freeKey($piece->plan, $name);
            $again = $this->insert($piece->plan, $key, $piece->spec->called($key, $name));
            $this->stacks->copy($piece, $again);

            return $again;
        });
    }

    private function insert(Plan $plan, string $key, PieceEntry $spec): Piece
    {
        return Piece::query()->create([
            'plan_id' => $plan->id,
            'key' => $key,
            'position' => Piece::withTrashed()->where('plan_id', $plan->id)->count(),
            'spec' => $spec,
        ]);
    }

    private function freeKey(Plan $plan, string $name): string
    {
        $base = Str::limit(Str::slug($name), 60, '') ?: 'piece';
        $key = $base;
        for ($number = 2; Piece::withTrashed()->where('plan_id', $plan->id)->where('key', $key)->exists(); $number++) {
            $key = "$base-$number";
        }

        return $key;
    }
}
