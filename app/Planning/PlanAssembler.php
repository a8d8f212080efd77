<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Coat;
use App\Models\Piece;
use App\Models\Plan;
use App\Models\Resin;
use App\PlanFile\Json;
use Illuminate\Support\Collection;
use OpenGlaze\Core\Document\BatchEntry;
use OpenGlaze\Core\Document\CoatEntry;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Document\PieceEntry;
use OpenGlaze\Core\Document\PlanDocument;

/** Puts saved rows together into documents in the plan file's form: what the core computes and what is exported. */
final class PlanAssembler
{
    /** The whole plan, with all that its file held. */
    public function whole(Plan $plan): PlanDocument
    {
        $coats = $plan->coats()->with(['piece', 'resin'])->get()->reject(fn (Coat $coat): bool => $coat->piece->trashed());
        $resins = Resin::withTrashed()
            ->whereIn('id', $coats->pluck('resin_id'))
            ->orWhere('plan_id', $plan->id)
            ->orderByRaw('plan_id is null')->orderBy('position')->get();
        $ids = $this->ids($resins);
        $document = $plan->document;
        foreach ([
            'resins' => $resins->map(fn (Resin $resin): Entry => $this->sheet($resin, $ids))->all(),
            'pieces' => $plan->pieces()->get()->map(fn (Piece $piece): PieceEntry => $piece->spec)->all(),
            'coats' => $coats->map(fn (Coat $coat): CoatEntry => $this->coat($coat, $ids))->all(),
        ] as $list => $entries) {
            // a list that its file did not have is not made up
            $document = $entries === [] && ! $document->has($list) ? $document : $document->with($list, array_values($entries));
        }

        return BatchEntries::withWhatIsNamed($document->withBatchesOf(array_values($coats->map(fn (Coat $coat): string => $coat->key)->all())));
    }

    /** One coat with its piece, its resin, its room, and the coats below it. */
    public function forCoat(Coat $coat): PlanDocument
    {
        $below = $coat->piece->coats()->with(['piece', 'resin'])->where('position', '<', $coat->position)->get();

        return $this->stack($coat->piece, [...$below->all(), $coat]);
    }

    /**
     * A piece with these of its coats, their resins and its room.
     *
     * @param  list<Coat>  $coats  in their order
     */
    public function stack(Piece $piece, array $coats): PlanDocument
    {
        return BatchEntries::withThoseOf($this->alone($piece, $coats), $piece->plan, array_combine(array_map(CoatKeys::of(...), $coats), array_map(static fn (Coat $coat): string => $coat->key, $coats)));
    }

    /**
     * Some pieces of one plan, each with its whole stack, without what is stirred in.
     *
     * @param  list<Piece>  $pieces  with their coats and the coats' resins
     */
    public function stacks(Plan $plan, array $pieces): PlanDocument
    {
        $coats = collect($pieces)->flatMap(fn (Piece $piece): array => $piece->coats->map(fn (Coat $coat): Coat => $coat->setRelation('piece', $piece))->all());

        return $this->laid($plan, array_map(static fn (Piece $piece): PieceEntry => $piece->spec, $pieces), array_values($coats->all()));
    }

    /**
     * The same of one piece.
     *
     * @param  list<Coat>  $coats  in their order
     */
    public function alone(Piece $piece, array $coats): PlanDocument
    {
        return $this->laid($piece->plan, [$piece->spec], $coats);
    }

    /**
     * Some batches with their coats, and all that lies below these.
     *
     * @param  list<BatchEntry>  $batches
     * @param  list<string>  $more  keys of coats besides theirs
     */
    public function evening(Plan $plan, array $batches, array $more = []): PlanDocument
    {
        $pieces = CoatKeys::pieces([...$more, ...BatchEntry::coatsOfAll($batches)]);
        $coats = Coat::query()->with(['piece', 'resin'])->whereIn('piece_id', $pieces)->orderBy('plan_id')->orderBy('position')->get();
        $resins = $coats->map(fn (Coat $coat): Resin => $coat->resin)->unique('id')->values();
        $ids = $this->sharedIds($resins);
        $afterOil = self::afterOil($coats);
        $document = $this->bare($plan)
            ->with('resins', array_values($resins->map(fn (Resin $resin): Entry => $this->sheet($resin, $ids))->unique(fn (Entry $sheet): ?string => $sheet->text('id'))->all()))
            ->with('pieces', $this->told($coats->map(fn (Coat $coat): Piece => $coat->piece)->unique('id')))
            ->with('coats', array_values($coats->map(fn (Coat $coat): CoatEntry => self::on($coat, $afterOil)->laid(CoatKeys::of($coat), CoatKeys::name($coat->plan_id, $coat->piece->key), $ids[$coat->resin_id]))->all()))
            ->with('batches', $batches);

        return BatchEntries::withSupplies($document, $plan);
    }

    /** A document with the plan's room and nothing else. */
    public function bare(Plan $plan): PlanDocument
    {
        return PlanDocument::bare($plan->studio());
    }

    /**
     * @param  list<PieceEntry>  $pieces
     * @param  list<Coat>  $coats  of them
     */
    private function laid(Plan $plan, array $pieces, array $coats): PlanDocument
    {
        $resins = collect($coats)->map(fn (Coat $coat): Resin => $coat->resin)->unique('id')->values();
        $ids = $this->ids($resins);
        $afterOil = self::afterOil($coats);

        return $this->bare($plan)
            ->with('resins', array_values($resins->map(fn (Resin $resin): Entry => $this->sheet($resin, $ids))->all()))
            ->with('pieces', $pieces)
            ->with('coats', array_map(fn (Coat $coat): CoatEntry => self::on($coat, $afterOil)->with('piece', $coat->piece->key)->with('resin', $ids[$coat->resin_id]), $coats));
    }

    /**
     * The same, but sheets that say the same have one id: what came in a file shares a cup with what stands on the shelf.
     *
     * @param  Collection<int, Resin>  $resins
     * @return array<int, string> by row
     */
    private function sharedIds(Collection $resins): array
    {
        $ids = $this->ids($resins);
        $known = [];
        foreach ($resins as $resin) {
            $ids[$resin->id] = $known[Json::line($resin->sheet->without('id'))] ??= $ids[$resin->id];
        }

        return $ids;
    }

    /**
     * Pieces of any plan side by side, each with an id and a name of its own.
     *
     * @param  Collection<int, Piece>  $pieces
     * @return list<PieceEntry>
     */
    private function told(Collection $pieces): array
    {
        $namesakes = Namesakes::among($pieces);

        return array_values($pieces->map(static fn (Piece $piece): PieceEntry => $piece->spec->called(CoatKeys::name($piece->plan_id, $piece->key), Namesakes::told($piece, isset($namesakes[$piece->id]))))->all());
    }

    /**
     * An id for each resin, its own where that is free: the shelf and a plan's file may know two by one name.
     *
     * @param  Collection<int, Resin>  $resins
     * @return array<int, string> by row
     */
    private function ids(Collection $resins): array
    {
        $ids = [];
        foreach ($resins as $resin) {
            $id = $resin->key;
            for ($number = 2; in_array($id, $ids, true); $number++) {
                $id = $resin->key.'-'.$number;
            }
            $ids[$resin->id] = $id;
        }

        return $ids;
    }

    /** @param  array<int, string>  $ids */
    private function sheet(Resin $resin, array $ids): Entry
    {
        return $ids[$resin->id] === $resin->key ? $resin->sheet : $resin->sheet->with('id', $ids[$resin->id]);
    }

    /**
     * Coats that are laid on a film that effect oil was touched into, whatever their plan knows of it.
     *
     * @param  iterable<Coat>  $coats  of each piece in their order
     * @return array<int, true> by row
     */
    private static function afterOil(iterable $coats): array
    {
        $after = $below = [];
        foreach ($coats as $coat) {
            if ($below[$coat->piece_id] ?? false) {
                $after[$coat->id] = true;
            }
            $below[$coat->piece_id] = $coat->oiled;
        }

        return $after;
    }

    /** @param  array<int, true>  $afterOil */
    private static function on(Coat $coat, array $afterOil): CoatEntry
    {
        return isset($afterOil[$coat->id]) ? $coat->spec->with('after_oil', true) : $coat->spec;
    }

    /** @param  array<int, string>  $ids */
    private function coat(Coat $coat, array $ids): CoatEntry
    {
        return $coat->spec->with('piece', $coat->piece->key)->with('resin', $ids[$coat->resin_id]);
    }
}
