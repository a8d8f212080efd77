<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Coat;
use App\Models\Piece;
use App\Models\Plan;
use App\Models\Resin;
use App\PlanFile\Json;
use Illuminate\Support\Collection;
use OpenGlaze\Core\Plan\PlanReader;
use stdClass;

/** Puts saved rows together into documents in the plan file's form: what the core computes and what is exported. */
final class PlanAssembler
{
    /** The whole plan, with all that its file held. */
    public function whole(Plan $plan): stdClass
    {
        $coats = $plan->coats()->with(['piece', 'resin'])->get()->reject(fn (Coat $coat): bool => $coat->piece->trashed());
        $resins = Resin::withTrashed()
            ->whereIn('id', $coats->pluck('resin_id'))
            ->orWhere('plan_id', $plan->id)
            ->orderByRaw('plan_id is null')->orderBy('position')->get();
        $ids = $this->ids($resins);
        $document = Json::copy($plan->document);
        $this->fill($document, 'resins', $resins->map(fn (Resin $resin): stdClass => $this->sheet($resin, $ids))->all());
        $this->fill($document, 'pieces', $plan->pieces()->get()->map(fn (Piece $piece): stdClass => $piece->spec)->all());
        $this->fill($document, 'coats', $coats->map(fn (Coat $coat): stdClass => $this->coat($coat, $ids))->all());
        BatchEntries::keepOf($document, array_values($coats->map(fn (Coat $coat): string => $coat->key)->all()));
        BatchEntries::addFromShelf($document);

        return $document;
    }

    /** One coat with its piece, its resin, its room, and the coats below it. */
    public function forCoat(Coat $coat): stdClass
    {
        $below = $coat->piece->coats()->with(['piece', 'resin'])->where('position', '<', $coat->position)->get();

        return $this->stack($coat->piece, [...$below->all(), $coat]);
    }

    /**
     * A piece with these of its coats, their resins and its room.
     *
     * @param  list<Coat>  $coats  in their order
     */
    public function stack(Piece $piece, array $coats): stdClass
    {
        $document = $this->alone($piece, $coats);
        BatchEntries::addOf($document, $piece->plan, array_combine(array_map(CoatKeys::of(...), $coats), array_map(static fn (Coat $coat): string => $coat->key, $coats)));

        return $document;
    }

    /**
     * Some pieces of one plan, each with its whole stack, without what is stirred in.
     *
     * @param  list<Piece>  $pieces  with their coats and the coats' resins
     */
    public function stacks(Plan $plan, array $pieces): stdClass
    {
        $coats = collect($pieces)->flatMap(fn (Piece $piece): array => $piece->coats->map(fn (Coat $coat): Coat => $coat->setRelation('piece', $piece))->all());
        $resins = $coats->map(fn (Coat $coat): Resin => $coat->resin)->unique('id')->values();
        $ids = $this->ids($resins);
        $document = $this->bare($plan);
        $document->resins = $resins->map(fn (Resin $resin): stdClass => $this->sheet($resin, $ids))->all();
        $document->pieces = array_map(static fn (Piece $piece): stdClass => $piece->spec, $pieces);
        $document->coats = array_values($coats->map(fn (Coat $coat): stdClass => $this->coat($coat, $ids))->all());

        return $document;
    }

    /**
     * The same without what is stirred in.
     *
     * @param  list<Coat>  $coats  in their order
     */
    public function alone(Piece $piece, array $coats): stdClass
    {
        $resins = collect($coats)->map(fn (Coat $coat): Resin => $coat->resin)->unique('id')->values();
        $ids = $this->ids($resins);
        $document = $this->bare($piece->plan);
        $document->resins = $resins->map(fn (Resin $resin): stdClass => $this->sheet($resin, $ids))->all();
        $document->pieces = [$piece->spec];
        $document->coats = array_map(fn (Coat $coat): stdClass => $this->coat($coat, $ids), $coats);

        return $document;
    }

    /**
     * Some batches with their coats, and all that lies below these.
     *
     * @param  list<stdClass>  $batches  as the plan file writes them
     * @param  list<string>  $more  keys of coats besides theirs
     */
    public function evening(Plan $plan, array $batches, array $more = []): stdClass
    {
        $keys = array_merge($more, ...array_map(static fn (stdClass $batch): array => is_array($batch->coats ?? null) ? $batch->coats : [], $batches));
        $pieces = CoatKeys::find(array_values(array_filter($keys, is_string(...))))->pluck('piece_id')->unique();
        $coats = Coat::query()->with(['piece', 'resin'])->whereIn('piece_id', $pieces)->orderBy('plan_id')->orderBy('position')->get();
        $resins = $coats->map(fn (Coat $coat): Resin => $coat->resin)->unique('id')->values();
        $ids = $this->sharedIds($resins);
        $document = $this->bare($plan);
        $document->resins = array_values($resins->map(fn (Resin $resin): stdClass => $this->sheet($resin, $ids))->unique(fn (stdClass $sheet): mixed => $sheet->id ?? null)->all());
        $document->pieces = $this->told($coats->map(fn (Coat $coat): Piece => $coat->piece)->unique('id'));
        $document->coats = array_values($coats->map(function (Coat $coat) use ($ids): stdClass {
            $spec = $this->coat($coat, $ids);
            $spec->id = CoatKeys::of($coat);
            $spec->piece = CoatKeys::name($coat->plan_id, $coat->piece->key);

            return $spec;
        })->all());
        $document->batches = array_map(Json::copy(...), $batches);
        BatchEntries::addSupplies($document, $plan);

        return $document;
    }

    /** A document with the plan's room and nothing else. */
    public function bare(Plan $plan): stdClass
    {
        return (object) [
            'format' => PlanReader::FORMAT,
            'version' => PlanReader::VERSION,
            'studio' => Json::copy($plan->studio()),
            'resins' => [],
            'pieces' => [],
            'coats' => [],
        ];
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
            $content = Json::copy($resin->sheet);
            unset($content->id);
            $ids[$resin->id] = $known[Json::line($content)] ??= $ids[$resin->id];
        }

        return $ids;
    }

    /**
     * Pieces of any plan side by side, each with an id and a name of its own.
     *
     * @param  Collection<int, Piece>  $pieces
     * @return list<stdClass>
     */
    private function told(Collection $pieces): array
    {
        $namesakes = Namesakes::among($pieces);

        return array_values($pieces->map(static function (Piece $piece) use ($namesakes): stdClass {
            $spec = Json::copy($piece->spec);
            $spec->id = CoatKeys::name($piece->plan_id, $piece->key);
            $spec->name = Namesakes::told($piece, isset($namesakes[$piece->id]));

            return $spec;
        })->all());
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
    private function sheet(Resin $resin, array $ids): stdClass
    {
        $sheet = $resin->sheet;
        if ($ids[$resin->id] !== $resin->key) {
            $sheet = Json::copy($sheet);
            $sheet->id = $ids[$resin->id];
        }

        return $sheet;
    }

    /** @param  array<int, string>  $ids */
    private function coat(Coat $coat, array $ids): stdClass
    {
        $spec = Json::copy($coat->spec);
        $spec->piece = $coat->piece->key;
        $spec->resin = $ids[$coat->resin_id];

        return $spec;
    }

    /** @param  array<int, stdClass>  $entries */
    private function fill(stdClass $document, string $field, array $entries): void
    {
        if ($entries !== [] || property_exists($document, $field)) {
            $document->{$field} = array_values($entries);
        }
    }
}
