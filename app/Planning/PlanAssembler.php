<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Coat;
use App\Models\Piece;
use App\Models\Plan;
use App\Models\Resin;
use App\PlanFile\Json;
use OpenGlaze\Core\Plan\PlanReader;
use stdClass;

/** Puts saved rows together into documents in the plan file's form: what the core computes and what is exported. */
final class PlanAssembler
{
    /** The whole plan, with all that its file held. */
    public function whole(Plan $plan): stdClass
    {
        $coats = $plan->coats()->with(['piece', 'resin'])->get()->reject(fn (Coat $coat): bool => $coat->piece->trashed());
        $resins = Resin::query()
            ->whereIn('id', $coats->pluck('resin_id'))
            ->orWhere('plan_id', $plan->id)
            ->orderByRaw('plan_id is null')->orderBy('position')->get();
        $document = Json::copy($plan->document);
        $this->fill($document, 'resins', $resins->map(fn (Resin $resin): stdClass => $resin->sheet)->all());
        $this->fill($document, 'pieces', $plan->pieces()->get()->map(fn (Piece $piece): stdClass => $piece->spec)->all());
        $this->fill($document, 'coats', $coats->map($this->coat(...))->all());

        return $document;
    }

    /** One coat with its piece, its resin, its room, and the coats below it. */
    public function forCoat(Coat $coat): stdClass
    {
        $below = $coat->piece->coats()->with(['piece', 'resin'])->where('position', '<', $coat->position)->get();
        $coats = [...$below->all(), $coat];
        $document = $this->bare($coat->piece->plan);
        $document->resins = collect($coats)->map(fn (Coat $coat): stdClass => $coat->resin->sheet)->unique('id')->values()->all();
        $document->pieces = [$coat->piece->spec];
        $document->coats = array_map($this->coat(...), $coats);

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

    private function coat(Coat $coat): stdClass
    {
        $spec = Json::copy($coat->spec);
        $spec->piece = $coat->piece->key;
        $spec->resin = $coat->resin->key;

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
