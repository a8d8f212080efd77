<?php

declare(strict_types=1);

namespace Bench;

use App\PlanFile\Json;
use OpenGlaze\Core\Document\CoatEntry;
use OpenGlaze\Core\Document\PlanDocument;

/** Makes large plans of a small one. */
final class Plans
{
    /** A plan file of so many pieces, each with a sealed, a held, a deep and a clear coat. */
    public static function large(string $example, int $pieces): string
    {
        $plan = Json::read($example, PlanDocument::class);
        $piece = $plan->pieces()[0];
        $coat = $plan->coats()[0];
        $all = $coats = [];
        for ($i = 0; $i < $pieces; $i++) {
            $all[] = $piece->with('id', "piece-$i");
            foreach ([
                ['kind' => 'seal', 'size_by' => ['thickness_mm' => 0.1]],
                ['containment' => 'held', 'size_by' => ['thickness_mm' => 1 + $i / $pieces]],
                ['containment' => 'dammed', 'size_by' => ['total_depth_mm' => 6 + 10 * $i / $pieces]],
                ['kind' => 'top', 'size_by' => ['ml_per_piece' => 300 + $i, 'counted' => 'mixed']],
            ] as $number => $fields) {
                $coats[] = CoatEntry::from([...$coat->fields(), 'id' => "coat-$i-$number", 'piece' => "piece-$i", ...$fields]);
            }
        }

        return Json::file($plan->with('pieces', $all)->with('coats', $coats));
    }
}
