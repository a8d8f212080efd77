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
use App\PlanFile\Json;
use App\Typed\FieldException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Plan\CoatKind;
use OpenGlaze\Core\Plan\Piece as CorePiece;
use OpenGlaze\Core\Plan\PieceReader;
use OpenGlaze\Core\Plan\PlanException;
use OpenGlaze\Core\Plan\PlanReader;
use stdClass;

/** Takes pieces in, changes them, and gives a new one its first coat. */
final readonly class PieceDesk
{
    public function __construct(
        private PlanAssembler $assembler,
        private StackDesk $stacks,
    ) {
    }

    /** @throws FieldException with a sentence for each field that cannot be used; nothing is saved then */
    public function takeIn(Plan $plan, stdClass $spec): Piece
    {
        return DB::transaction(function () use ($plan, $spec): Piece {
            $name = is_string($spec->name ?? null) ? $spec->name : '';
            $key = $this->freeKey($plan, $name);
            $spec = SpecMerge::over((object) ['id' => $key], $spec);
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
    public function change(Piece $piece, stdClass $changes, Edit $edit): void
    {
        // its name among the coats and batches is its own
        unset($changes->id);
        DB::transaction(function () use ($piece, $changes, $edit): void {
            $piece->refresh();
            Versions::refuseStale('piece', $piece, Difference::paths($changes), $edit);
            $spec = SpecMerge::over($piece->spec, $changes);
            $this->check($piece->plan, $spec);
            Versions::count('piece', $piece, $piece->spec, $spec, $edit);
            $piece->update(['spec' => $spec]);
        });
    }

    /** The piece as the core reads it. @throws FieldException */
    public function check(Plan $plan, stdClass $spec): CorePiece
    {
        if (! is_string($spec->name ?? null) || trim($spec->name) === '') {
            throw FieldException::at(['name' => Message::of('refused.name_of_piece')]);
        }
        $document = $this->assembler->bare($plan);
        $document->pieces = [$spec];
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
     * @return array{id: int, name: string, spec: stdClass, drawing: array<string, mixed>}
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
            $spec = Json::copy($piece->spec);
            $spec->name = $piece->name().', again';
            $spec->id = $key = $this->freeKey($piece->plan, $spec->name);
            $again = $this->insert($piece->plan, $key, $spec);
            $this->stacks->copy($piece, $again);

            return $again;
        });
    }

    private function insert(Plan $plan, string $key, stdClass $spec): Piece
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
