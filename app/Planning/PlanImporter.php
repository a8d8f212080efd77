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
            $rest = Json::copy($document);
            foreach (['resins', 'pieces', 'coats'] as $list) {
                if (isset($rest->{$list})) {
                    $rest->{$list} = [];
                }
            }
            $plan = Plan::query()->create(['name' => $name, 'document' => $rest, 'sha256' => hash('sha256', $text)]);
            $resins = $this->insert($plan, Resin::class, 'sheet', Dig::objects($document, 'resins'));
            $pieces = $this->insert($plan, Piece::class, 'spec', Dig::objects($document, 'pieces'));
            $this->insert($plan, Coat::class, 'spec', Dig::objects($document, 'coats'), static fn (stdClass $coat): array => [
                'piece_id' => $pieces[Dig::text($coat, 'piece')],
                'resin_id' => $resins[Dig::text($coat, 'resin')],
            ]);

            return $plan;
        });
    }

    /**
     * Puts a list of the file into its table, some hundreds at a time.
     *
     * @param  class-string<Resin|Piece|Coat>  $model
     * @param  string  $column  where the file's own object is kept
     * @param  list<stdClass>  $entries
     * @param  (callable(stdClass): array<string, int>)|null  $relations
     * @return array<array-key, int> row ids by the file's ids
     */
    private function insert(Plan $plan, string $model, string $column, array $entries, ?callable $relations = null): array
    {
        $now = now();
        foreach (array_chunk($entries, self::AT_A_TIME, true) as $chunk) {
            $rows = [];
            foreach ($chunk as $position => $entry) {
                $rows[] = [
                    'plan_id' => $plan->id,
                    'key' => Dig::text($entry, 'id'),
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
