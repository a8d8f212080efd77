<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Reading;

use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Heat\Curing;
use OpenGlaze\Core\Heat\PouredLayer;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Mix\CatalystTable;
use OpenGlaze\Core\Mix\Mixture;
use OpenGlaze\Core\Mix\Ratio;
use OpenGlaze\Core\Mix\RatioBy;
use OpenGlaze\Core\Plan\Faults;
use OpenGlaze\Core\Plan\LabelLimits;
use OpenGlaze\Core\Plan\LabelRoom;
use OpenGlaze\Core\Plan\LabelStages;
use OpenGlaze\Core\Plan\LabelTimes;
use OpenGlaze\Core\Plan\PartName;
use OpenGlaze\Core\Plan\ResinFamily;
use OpenGlaze\Core\Plan\ResinFlow;
use OpenGlaze\Core\Plan\ResinParts;
use OpenGlaze\Core\Plan\ResinSetting;
use OpenGlaze\Core\Plan\ResinSheet;
use OpenGlaze\Core\Plan\Typical;
use OpenGlaze\Core\Plan\TypicalTimes;
use OpenGlaze\Core\Quantity\Origin;
use OpenGlaze\Core\Quantity\Sourced;

/** Reads one resin's data sheet. */
final class ResinReader
{
    private const MOST_ROWS = 100;

    /** A sheet that was read before, and is known to be sound. */
    public function saved(Entry $sheet): ResinSheet
    {
        return $this->read(new Node($sheet->raw(), '', new Faults, Origin::Label));
    }

    public function read(Node $node): ResinSheet
    {
        $node = $node->saying(Origin::Label);
        $family = $node->choice('family', ResinFamily::class, ResinFamily::Coating) ?? ResinFamily::Coating;
        $isPolyester = $family === ResinFamily::Polyester;
        $typical = Typical::of($family);
        $open = $node->number('open_min', 0.001, 600_000, 'min');
        $densityA = $this->usual($node, 'density_a_g_ml', $typical?->densityAGMl, 0.5, 3, 'g/ml');
        $densityB = $isPolyester && ! $node->has('density_b_g_ml') ? null : $this->usual($node, 'density_b_g_ml', $typical?->densityBGMl, 0.5, 3, 'g/ml');

        return new ResinSheet(
            $node->text('id'),
            $node->textOr('name', $node->textOr('id', 'Resin')),
            $family,
            new ResinParts(
                $isPolyester || $densityB === null ? null : $this->mixture($node, $densityA, $densityB),
                $isPolyester ? $this->catalyst($node) : null,
                $densityA,
                $densityB,
                $node->choice('pour_first', PartName::class, PartName::A) ?? PartName::A,
            ),
            new ResinFlow(
                $this->usual($node, 'viscosity_pa_s', $typical?->viscosityPaS, 0.01, 1000, 'Pa·s'),
                $this->usual($node, 'viscosity_at_c', $typical === null ? null : Typical::VISCOSITY_AT_C, -10, 60, '°C'),
                $node->numberOr('surface_tension_n_m', 0.036, 0.001, 0.5, 'N/m'),
                $node->optionalNumber('flow_activation_kj_mol', 1, 300, 'kJ/mol'),
            ),
            new ResinSetting(
                $node->optionalNumber('activation_kj_mol', 1, 300, 'kJ/mol'),
                $node->optionalNumber('heat_kj_kg', 1, 2000, 'kJ/kg'),
                $node->numberOr('heat_capacity_j_kg_k', Curing::CAPACITY_J_KG_K, 100, 10_000, 'J/(kg K)'),
                $node->numberOr('shrinkage_pct', 0, 0, 20, '%'),
                $node->numberOr('conductivity_w_m_k', PouredLayer::CONDUCTIVITY_W_M_K, 0.02, 20, 'W/(m K)'),
                $node->optionalNumber('layer_heat_kj_kg', 1, 2000, 'kJ/kg'),
            ),
            new LabelTimes(
                $open,
                $node->optionalNumber('pot_life_min', 0.001, 600_000, 'min'),
                $node->optionalNumber('pot_life_mass_g', 0.1, 1_000_000, 'g'),
                $node->optionalNumber('mix_min', 0.001, 600_000, 'min'),
                $this->usual($node, 'reference_c', $typical === null ? null : Typical::REFERENCE_C, -10, 60, '°C'),
            ),
            $isPolyester ? self::stages($node) : TypicalTimes::complete($open->value, self::stages($node)),
            new LabelLimits(
                $node->optionalNumber('max_pour_mm', 0.01, 500, 'mm'),
                $node->optionalNumber('min_batch_ml', 0.1, 1_000_000, 'ml'),
                $node->numberOr('ratio_tolerance_pct', 5, 0.01, 100, '%'),
                $node->numberOr('colourant_limit_pct', 6, 0.01, 100, '%'),
                $node->numberOr('watery_limit_pct', 3, 0.01, 100, '%'),
                $node->optionalNumber('filler_limit_pct', 0.01, 100, '%'),
            ),
            new LabelRoom(
                $node->numberOr('min_room_c', 15, -10, 60, '°C'),
                $node->numberOr('max_room_c', 30, -10, 60, '°C'),
                $node->numberOr('max_humidity_pct', 80, 1, 100, '%'),
            ),
        );
    }

    private static function stages(Node $node): LabelStages
    {
        $hours = static fn (string $field): ?Sourced => $node->optionalNumber($field, 0.001, 10_000, 'h');
        [$from, $to] = [$hours('recoat_from_h'), $hours('recoat_to_h')];
        if ($from !== null && $to !== null && $to->value <= $from->value) {
            $node->fault('recoat_to_h', Message::of('plan.window_shut_first'));
        }

        return new LabelStages($from, $to, $hours('sand_from_h'), $hours('handle_h'), $hours('full_cure_h'));
    }

    private function mixture(Node $node, Sourced $densityA, Sourced $densityB): Mixture
    {
        $ratio = $node->object('ratio');
        $by = $ratio->choice('by', RatioBy::class) ?? RatioBy::Volume;
        $a = $ratio->number('a', 0.01, 1000)->value;
        $b = $ratio->number('b', 0.01, 1000)->value;

        return Mixture::of(
            Ratio::of($a, $b, $by),
            $densityA->value,
            $densityB->value,
            $densityA->isAssumed() ? Typical::DENSITY_SPREAD : 0.0,
            $densityB->isAssumed() ? Typical::DENSITY_SPREAD : 0.0,
        );
    }

    /** The label's number, or what is usual of its family; missing where nothing is. */
    private function usual(Node $node, string $field, ?float $usual, float $least, float $most, string $unit): Sourced
    {
        return $usual === null ? $node->number($field, $least, $most, $unit) : $node->numberOr($field, $usual, $least, $most, $unit);
    }

    private function catalyst(Node $node): CatalystTable
    {
        if (! $node->has('catalyst')) {
            $node->fault('catalyst', Message::of('plan.catalyst_table'));
        }
        $rows = [];
        foreach ($node->objects('catalyst', self::MOST_ROWS) as $row) {
            $depth = $row->number('depth_mm', 0.01, 500, 'mm')->value;
            if ($rows !== [] && $depth <= $rows[count($rows) - 1][0]) {
                $row->fault('depth_mm', Message::of('plan.depths_rise'));
            }
            $rows[] = [$depth, $row->number('pct', 0.01, 20, '%')->value];
        }
        if ($rows === []) {
            $node->fault('catalyst', Message::of('plan.catalyst_row'));
        }

        return new CatalystTable($rows === [] ? [[1.0, 1.0]] : $rows);
    }
}
