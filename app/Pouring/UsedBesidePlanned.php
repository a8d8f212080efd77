<?php

declare(strict_types=1);

namespace App\Pouring;

use App\Models\Pour;
use stdClass;

/** What a pour was planned to take beside what it took, and how it went. */
final class UsedBesidePlanned
{
    /** @return array<string, mixed> */
    public static function of(Pour $pour): array
    {
        $resin = self::resin($pour);
        $coat = self::last($pour->plan->coats ?? []);

        return [
            'planned' => $pour->result->coat->mix ?? null,
            'used' => ['a_ml' => $pour->used_a_ml, 'b_ml' => $pour->used_b_ml],
            'density_a_g_ml' => $resin->density_a_g_ml ?? null,
            'density_b_g_ml' => $resin->density_b_g_ml ?? null,
            'resin' => $resin->name ?? $resin->id ?? '',
            'kind' => $coat->kind ?? 'flood',
            'thickness_mm' => $coat->size_by->thickness_mm ?? null,
            'room' => $pour->plan->studio ?? new stdClass,
            'note' => $pour->note,
            'photo' => $pour->photo === null ? null : '/photos/'.$pour->photo,
            'override_reason' => $pour->override_reason,
        ];
    }

    public static function resin(Pour $pour): stdClass
    {
        $coat = self::last($pour->plan->coats ?? []);
        $resins = $pour->plan->resins ?? [];
        foreach (is_array($resins) ? $resins : [] as $resin) {
            if ($resin instanceof stdClass && ($resin->id ?? null) === ($coat->resin ?? '')) {
                return $resin;
            }
        }

        return new stdClass;
    }

    private static function last(mixed $list): stdClass
    {
        $last = is_array($list) ? end($list) : null;

        return $last instanceof stdClass ? $last : new stdClass;
    }
}
