<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Mix\Mixture;
use OpenGlaze\Core\Mix\Ratio;
use OpenGlaze\Core\Mix\RatioBy;
use OpenGlaze\Core\Quantity\Origin;
use stdClass;

/** Reads one resin's data sheet. */
final class ResinReader
{
    /** A sheet that was read before, and is known to be sound. */
    public function saved(stdClass $sheet): ResinSheet
    {
        return $this->read(new Node($sheet, '', new Faults, Origin::Label));
    }

    public function read(Node $node): ResinSheet
    {
        $node = $node->saying(Origin::Label);
        if ($node->choice('family', ResinFamily::class, ResinFamily::Coating) === ResinFamily::Polyester) {
            $node->fault('family', 'Polyester, with its catalyst by depth, cannot be computed yet.');
        }
        $hours = static fn (string $field) => $node->optionalNumber($field, 0.001, 10_000, 'h');

        return new ResinSheet(
            $node->text('id'),
            $node->textOr('name', $node->textOr('id', 'Resin')),
            $this->mixture($node),
            $node->number('viscosity_pa_s', 0.01, 1000, 'Pa·s'),
            $node->number('viscosity_at_c', -10, 60, '°C'),
            $node->numberOr('surface_tension_n_m', 0.036, 0.001, 0.5, 'N/m'),
            $node->number('reference_c', -10, 60, '°C'),
            $node->number('open_min', 0.001, 600_000, 'min'),
            $hours('recoat_from_h'),
            $hours('recoat_to_h'),
            $hours('sand_from_h'),
            $hours('handle_h'),
            $hours('full_cure_h'),
            $node->optionalNumber('max_pour_mm', 0.01, 500, 'mm'),
            $node->optionalNumber('mix_min', 0.001, 600_000, 'min'),
            $node->numberOr('min_room_c', 15, -10, 60, '°C'),
            $node->numberOr('max_room_c', 30, -10, 60, '°C'),
            $node->numberOr('max_humidity_pct', 80, 1, 100, '%'),
            $node->optionalNumber('activation_kj_mol', 1, 300, 'kJ/mol'),
            $node->optionalNumber('flow_activation_kj_mol', 1, 300, 'kJ/mol'),
        );
    }

    private function mixture(Node $node): Mixture
    {
        $ratio = $node->object('ratio');
        $by = $ratio->choice('by', RatioBy::class) ?? RatioBy::Volume;
        $a = $ratio->number('a', 0.01, 1000)->value;
        $b = $ratio->number('b', 0.01, 1000)->value;

        return Mixture::of(
            Ratio::of($a, $b, $by),
            $node->number('density_a_g_ml', 0.5, 3, 'g/ml')->value,
            $node->number('density_b_g_ml', 0.5, 3, 'g/ml')->value,
        );
    }
}
