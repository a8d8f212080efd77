<?php

declare(strict_types=1);

namespace Bench;

use App\PlanFile\Dig;
use App\PlanFile\Json;

/** Makes large plans of a small one. */
final class Plans
{
    /** A plan file of so many pieces, each with a sealed, a held, a deep and a clear coat. */
    public static function large(string $example, int $pieces): string
    {
        $plan = Json::object($example);
        $piece = Dig::objects($plan, 'pieces')[0];
        $coat = Dig::objects($plan, 'coats')[0];
        $plan->pieces = $plan->coats = [];
        for ($i = 0; $i < $pieces; $i++) {
            $plan->pieces[] = (object) [...(array) $piece, 'id' => "piece-$i"];
            foreach ([
                ['kind' => 'seal', 'size_by' => (object) ['thickness_mm' => 0.1]],
                ['containment' => 'held', 'size_by' => (object) ['thickness_mm' => 1 + $i / $pieces]],
                ['containment' => 'dammed', 'size_by' => (object) ['total_depth_mm' => 6 + 10 * $i / $pieces]],
                ['kind' => 'top', 'size_by' => (object) ['ml_per_piece' => 300 + $i, 'counted' => 'mixed']],
            ] as $number => $fields) {
                $plan->coats[] = (object) [...(array) $coat, 'id' => "coat-$i-$number", 'piece' => "piece-$i", ...$fields];
            }
        }

        return Json::file($plan);
    }
}
