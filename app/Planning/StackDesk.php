<?php

declare(strict_types=1);

namespace App\Planning;

use App\Editing\Edit;
use App\Editing\Versions;
use App\Models\Coat;
use App\Models\Piece;
use App\Models\Plan;
use App\Models\Resin;
use App\Models\Template;
use App\Typed\FieldException;
use Illuminate\Support\Facades\DB;
use OpenGlaze\Core\Document\CoatEntry;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Plan\CoatKind;
use OpenGlaze\Core\Plan\Containment;
use OpenGlaze\Core\Plan\Laying;
use OpenGlaze\Core\Plan\SizeBy;
use OpenGlaze\Core\Plan\UsualCoat;
use OpenGlaze\Core\Reading\PieceReader;

/** The coats of one piece as a stack: adds, doubles, moves, takes away; keeps whole stacks as templates and lays them. */
final class StackDesk
{
    /** Lays a new coat of a kind on top, with the resin of the one below it. */
    public function add(Piece $piece, CoatKind $kind): Coat
    {
        return DB::transaction(function () use ($piece, $kind): Coat {
            $below = $piece->coats()->reorder('position', 'desc')->first();
            $resin = $below->resin ?? self::firstResin($piece);

            $ending = $below === null ? null : (Containment::tryFrom($below->spec->text('containment') ?? '') ?? Containment::Open);
            $usual = UsualCoat::of((new PieceReader)->saved($piece->spec), $kind, $ending);

            return $this->lay($piece, $resin, CoatEntry::from([
                'kind' => $kind->value,
                'containment' => $usual->containment->value,
                'size_by' => [$usual->by->value => $usual->value, 'usual' => true],
                ...($usual->laying === Laying::Centre ? [] : ['laying' => $usual->laying->value]),
            ]));
        });
    }

    /** The same coat once more, just above. */
    public function double(Coat $coat): Coat
    {
        return DB::transaction(function () use ($coat): Coat {
            $double = $this->lay($coat->piece, $coat->resin, $coat->spec->toBeDone());
            $order = array_values(array_diff($this->ids($coat->piece), [$double->id]));
            array_splice($order, (int) array_search($coat->id, $order, true) + 1, 0, [$double->id]);
            $this->order($coat->piece, $order);

            return $double;
        });
    }

    /**
     * The same film laid as so many equal coats, one above the other.
     *
     * @param  float  $filmMm  of all of them
     * @return list<Coat> those that are new
     */
    public function split(Coat $coat, float $filmMm, int $count, Edit $edit): array
    {
        return DB::transaction(function () use ($coat, $filmMm, $count, $edit): array {
            $this->size($coat, Entry::from([SizeBy::Thickness->value => round($filmMm / $count, 4)]), $edit);
            $new = [];
            for ($number = 1; $number < $count; $number++) {
                $new[] = $this->double($coat);
            }

            return $new;
        });
    }

    /**
     * Takes a splitting back.
     *
     * @param  list<int>  $others  ids of the coats that came with it
     */
    public function whole(Coat $coat, array $others, Entry $sizeBy, Edit $edit): void
    {
        DB::transaction(function () use ($coat, $others, $sizeBy, $edit): void {
            $this->size($coat, $sizeBy, $edit);
            $coat->piece->coats()->whereKey($others)->whereKeyNot($coat->id)->get()->each(fn (Coat $other) => $other->delete());
        });
    }

    private function size(Coat $coat, Entry $sizeBy, Edit $edit): void
    {
        $spec = $coat->spec->sizedBy($sizeBy);
        Versions::count('coat', $coat, $coat->spec, $spec, $edit);
        $coat->spec = $spec;
        $coat->save();
    }

    /** Moves a coat so many places up the stack, or down for less than 0; as far as there are places. */
    public function move(Coat $coat, int $by): void
    {
        DB::transaction(function () use ($coat, $by): void {
            $order = $this->ids($coat->piece);
            $at = (int) array_search($coat->id, $order, true);
            $to = max(0, min(count($order) - 1, $at + $by));
            array_splice($order, $at, 1);
            array_splice($order, $to, 0, [$coat->id]);
            $this->order($coat->piece, $order);
        });
    }

    /** @throws FieldException when it is the last one */
    public function takeAway(Coat $coat): void
    {
        if ($coat->piece->coats()->count() < 2) {
            throw FieldException::at(['form' => Message::of('refused.only_coat')]);
        }
        $coat->delete();
    }

    /** Lays the stack of one piece on another that has none yet. */
    public function copy(Piece $from, Piece $to): void
    {
        foreach ($from->coats()->with('resin')->get() as $coat) {
            $this->lay($to, $coat->resin, $coat->spec->toBeDone());
        }
    }

    /** @throws FieldException when it has no name */
    public function keep(Piece $piece, string $name): Template
    {
        $name = trim($name);
        if ($name === '' || mb_strlen($name) > 100) {
            throw FieldException::at(['name' => Message::of('refused.name_of_stack')]);
        }
        $coats = $piece->coats()->with('resin')->get()->map(static fn (Coat $coat): CoatEntry => $coat->spec->forAnyPiece()->with('resin', $coat->resin->key))->values()->all();

        return Template::query()->updateOrCreate(['name' => $name], ['document' => Entry::from(['coats' => $coats])]);
    }

    /**
     * Lays a template on a piece, in place of the coats that it has; amounts are computed for it anew.
     *
     * @return Coat the first of them
     *
     * @throws FieldException when its resins are gone from the shelf
     */
    public function apply(Template $template, Piece $piece): Coat
    {
        return DB::transaction(function () use ($template, $piece): Coat {
            $shelf = Resin::atHandFor($piece->plan)->get()->keyBy('key');
            $coats = $template->document->entries('coats', CoatEntry::class);
            foreach ($coats as $spec) {
                if (! $shelf->has($spec->text('resin') ?? '')) {
                    throw FieldException::at(['form' => Message::of('refused.resin_of_stack', resin: $spec->text('resin'))]);
                }
            }
            $piece->coats()->get()->each(fn (Coat $coat) => $coat->delete());
            $laid = array_map(fn (CoatEntry $spec): Coat => $this->lay($piece, $shelf->get($spec->text('resin')) ?? self::firstResin($piece), $spec), $coats);

            return $laid[0] ?? throw FieldException::at(['form' => Message::of('refused.empty_stack')]);
        });
    }

    /**
     * Brings back coats of a piece that were taken away, in place of those that it has now.
     *
     * @param  list<int>  $ids
     *
     * @throws FieldException when none of them is there any more
     */
    public function putBack(Piece $piece, array $ids): void
    {
        DB::transaction(function () use ($piece, $ids): void {
            $gone = $piece->coats()->onlyTrashed()->whereKey($ids)->get();
            if ($gone->isEmpty()) {
                throw FieldException::at(['form' => Message::of('refused.nothing_to_bring_back')]);
            }
            $piece->coats()->get()->each(fn (Coat $coat) => $coat->delete());
            $gone->each(fn (Coat $coat) => $coat->restore());
        });
    }

    /** @return list<int> of the piece's coats, from the lowest on */
    public function ids(Piece $piece): array
    {
        $ids = [];
        foreach ($piece->coats()->get() as $coat) {
            $ids[] = $coat->id;
        }

        return $ids;
    }

    private function lay(Piece $piece, Resin $resin, CoatEntry $spec): Coat
    {
        $key = $this->freeKey($piece->plan, "{$piece->key}-{$spec->kind()}");

        return Coat::query()->create([
            'plan_id' => $piece->plan_id,
            'piece_id' => $piece->id,
            'resin_id' => $resin->id,
            'key' => $key,
            'position' => $this->nextPosition($piece->plan),
            'spec' => $spec->laid($key, $piece->key, $resin->key),
        ]);
    }

    /** @param  list<int>  $order  ids of all coats of the piece, from the lowest on */
    private function order(Piece $piece, array $order): void
    {
        $places = $piece->coats()->get()->map(fn (Coat $coat): int => $coat->position)->all();
        foreach ($order as $index => $id) {
            Coat::query()->whereKey($id)->update(['position' => $places[$index]]);
        }
    }

    private function nextPosition(Plan $plan): int
    {
        $last = Coat::withTrashed()->where('plan_id', $plan->id)->orderByDesc('position')->first();

        return $last === null ? 0 : $last->position + 1;
    }

    private function freeKey(Plan $plan, string $base): string
    {
        $key = $base;
        for ($number = 2; Coat::withTrashed()->where('plan_id', $plan->id)->where('key', $key)->exists(); $number++) {
            $key = "$base-$number";
        }

        return $key;
    }

    /**
     * The one that was written down since a coat was last laid; else the first on the shelf.
     *
     * @throws FieldException where nothing stands on the shelf
     */
    private static function firstResin(Piece $piece): Resin
    {
        $lastLaid = Coat::withTrashed()->max('created_at');

        return Resin::atHandFor($piece->plan)->where('created_at', '>', $lastLaid ?? '')->reorder('created_at', 'desc')->orderBy('position')->first()
            ?? Resin::atHandFor($piece->plan)->first()
            ?? throw FieldException::at(['form' => Message::of('refused.no_resin')]);
    }
}
