<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Coat;
use App\Models\Piece;
use App\Models\Plan;
use App\Models\Resin;
use App\PlanFile\Dig;
use App\PlanFile\Json;
use App\PlanFile\PlanFile;
use Illuminate\Support\Facades\DB;
use OpenGlaze\Core\Plan\PlanException;
use stdClass;

/** Brings a plan file into the studio as a plan of its own, whole or not at all. */
final class PlanImporter
{
    /** @throws PlanException when the file is no plan */
    public function import(string $text, string $name): Plan
    {
        $document = PlanFile::read($text)->document;

        return DB::transaction(function () use ($document, $name): Plan {
            $rest = Json::copy($document);
            foreach (['resins', 'pieces', 'coats'] as $list) {
                if (isset($rest->{$list})) {
                    $rest->{$list} = [];
                }
            }
            $plan = Plan::query()->create(['name' => $name, 'document' => $rest]);
            $resins = $this->create($document, 'resins', fn (stdClass $sheet, int $position): int => Resin::query()->create([
                'plan_id' => $plan->id, 'key' => $sheet->id, 'position' => $position, 'sheet' => $sheet,
            ])->id);
            $pieces = $this->create($document, 'pieces', fn (stdClass $spec, int $position): int => Piece::query()->create([
                'plan_id' => $plan->id, 'key' => $spec->id, 'position' => $position, 'spec' => $spec,
            ])->id);
            $this->create($document, 'coats', fn (stdClass $spec, int $position): int => Coat::query()->create([
                'plan_id' => $plan->id, 'piece_id' => $pieces[Dig::text($spec, 'piece')], 'resin_id' => $resins[Dig::text($spec, 'resin')],
                'key' => $spec->id, 'position' => $position, 'spec' => $spec,
            ])->id);

            return $plan;
        });
    }

    /**
     * @param  callable(stdClass, int): int  $create
     * @return array<array-key, int> row ids by the file's ids
     */
    private function create(stdClass $document, string $list, callable $create): array
    {
        $ids = [];
        $entries = $document->{$list} ?? [];
        foreach (is_array($entries) ? $entries : [] as $position => $entry) {
            if ($entry instanceof stdClass && is_string($entry->id ?? null)) {
                $ids[$entry->id] = $create($entry, (int) $position);
            }
        }

        return $ids;
    }
}
