<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Coat;
use App\Models\Piece;
use App\Models\Plan;
use App\Models\Resin;
use App\PlanFile\Json;
use App\PlanFile\PlanFile;
use Illuminate\Support\Facades\DB;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Plan\PlanException;

/** Brings a plan file into the studio as a plan of its own, whole or not at all. */
final class PlanImporter
{
    private const AT_A_TIME = 500;

    /** The plan that came in the same file before, letter by letter; null where none did. */
    public function known(string $text): ?Plan
    {
        return Plan::query()->where('sha256', hash('sha256', $text))->first();
    }

    /** @throws PlanException when the file is no plan */
    public function import(string $text, string $name): Plan
    {
        $document = PlanFile::read($text)->document;

        return DB::transaction(function () use ($document, $name, $text): Plan {
            $rest = $document;
            foreach (['resins', 'pieces', 'coats'] as $list) {
                $rest = $rest->value($list) === null ? $rest : $rest->with($list, []);
            }
            $plan = Plan::query()->create(['name' => $name, 'document' => $rest, 'sha256' => hash('sha256', $text)]);
            $resins = $this->insert($plan, Resin::class, 'sheet', $document->entries('resins'));
            $pieces = $this->insert($plan, Piece::class, 'spec', $document->entries('pieces'));
            $this->insert($plan, Coat::class, 'spec', $document->entries('coats'), static fn (Entry $coat): array => [
                'piece_id' => $pieces[$coat->text('piece')],
                'resin_id' => $resins[$coat->text('resin')],
            ]);

            return $plan;
        });
    }

    /**
     * Puts a list of the file into its table, some hundreds at a time.
     *
     * @param  class-string<Resin|Piece|Coat>  $model
     * @param  string  $column  where the file's own object is kept
     * @param  list<Entry>  $entries
     * @param  (callable(Entry): array<string, int>)|null  $relations
     * @return array<array-key, int> row ids by the file's ids
     */
    private function insert(Plan $plan, string $model, string $column, array $entries, ?callable $relations = null): array
    {
        $now = (new $model)->freshTimestamp();
        foreach (array_chunk($entries, self::AT_A_TIME, true) as $chunk) {
            $rows = [];
            foreach ($chunk as $position => $entry) {
                $rows[] = [
                    'plan_id' => $plan->id,
                    'key' => $entry->text('id'),
                    'position' => $position,
                    $column => Json::line($entry),
                    'created_at' => $now,
                    'updated_at' => $now,
                    ...($relations === null ? [] : $relations($entry)),
                ];
            }
            $model::query()->insert($rows);
        }

        /** @var array<array-key, int> $ids */
        $ids = $model::query()->where('plan_id', $plan->id)->pluck('id', 'key')->all();

        return $ids;
    }
}
