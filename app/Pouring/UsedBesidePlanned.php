<?php

declare(strict_types=1);

namespace App\Pouring;

use App\Models\Pour;
use App\PlanFile\Dig;
use stdClass;

/** What a pour was planned to take beside what it took, and how it went. */
final class UsedBesidePlanned
{
    /** @return array<string, mixed> */
    public static function of(Pour $pour): array
    {
        $resin = self::resin($pour);
        $coat = self::coat($pour);

        return [
            'planned' => self::planned($pour),
            'used' => ['a_ml' => $pour->used_a_ml, 'b_ml' => $pour->used_b_ml],
            'more_ml' => self::moreMl($pour),
            'density_a_g_ml' => Dig::float($resin, 'density_a_g_ml'),
            'density_b_g_ml' => Dig::float($resin, 'density_b_g_ml'),
            'resin' => Dig::text($resin, 'name') ?? Dig::text($resin, 'id') ?? '',
            'kind' => Dig::text($coat, 'kind') ?? 'flood',
            'thickness_mm' => Dig::float($pour->result, 'coat.thickness_mm'),
            'room' => Dig::object($pour->result, 'in_force'),
            'pour' => Dig::text($pour->result, 'pour') ?? '',
            'note' => $pour->note,
            'photo' => $pour->photo === null ? null : '/photos/'.$pour->photo,
            'override_reason' => $pour->override_reason,
        ];
    }

    /** What was to be weighed out: of a deep coat, this lift; of a batch, its share. */
    private static function planned(Pour $pour): stdClass
    {
        if (isset($pour->result->share)) {
            return Dig::object($pour->result, 'share');
        }
        $lift = Dig::float($pour->result, 'lift');
        $lifts = Dig::objects(Dig::object($pour->result, 'coat'), 'lifts');

        return $lift === null ? Dig::object($pour->result, 'coat.mix') : $lifts[(int) $lift - 1] ?? Dig::object($pour->result, 'coat.mix');
    }

    /** What it took beyond the plan, in ml; negative when it took less, null when nothing was written down. */
    private static function moreMl(Pour $pour): ?float
    {
        return $pour->used_a_ml === null && $pour->used_b_ml === null
            ? null
            : ($pour->used_a_ml ?? 0.0) + ($pour->used_b_ml ?? 0.0) - (Dig::float(self::planned($pour), 'total_ml') ?? 0.0);
    }

    /** The sheet of the resin that was poured, as it was then. */
    public static function resin(Pour $pour): stdClass
    {
        $id = Dig::text(self::coat($pour), 'resin');
        foreach (Dig::objects($pour->plan, 'resins') as $resin) {
            if (Dig::text($resin, 'id') === $id) {
                return $resin;
            }
        }

        return new stdClass;
    }

    private static function coat(Pour $pour): stdClass
    {
        $coats = Dig::objects($pour->plan, 'coats');

        return $coats === [] ? new stdClass : $coats[count($coats) - 1];
    }
}
