<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Reading;

use OpenGlaze\Core\Film\HeatTool;
use OpenGlaze\Core\Film\TemperaturePoint;
use OpenGlaze\Core\Film\Temperatures;
use OpenGlaze\Core\Heat\Heating;
use OpenGlaze\Core\Measuring\MeasuredBy;
use OpenGlaze\Core\Measuring\Residue;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Plan\Studio;
use OpenGlaze\Core\Plan\StudioCounts;
use OpenGlaze\Core\Plan\StudioHands;
use OpenGlaze\Core\Plan\StudioPace;
use OpenGlaze\Core\Plan\StudioRoom;
use OpenGlaze\Core\Plan\StudioWetting;
use OpenGlaze\Core\Quantity\Origin;

/** Reads the room and the studio's constants. */
final class StudioReader
{
    private const MOST_POINTS = 100_000;

    public function read(Node $node): Studio
    {
        $room = $node->saying(Origin::Measured);

        return new Studio(
            new StudioRoom(
                $this->temperatures($room),
                $room->numberOr('humidity_pct', 50, 1, 100, '%'),
                $room->optionalNumber('surface_c', -10, 60, '°C'),
                $room->numberOr('slope_mm_per_m', 0, 0, 100, 'mm/m'),
            ),
            new StudioHands(
                $node->numberOr('spread_min', 5, 0.1, 1000, 'min'),
                $node->numberOr('second_torch_min', 8, 0.1, 1000, 'min'),
                $node->numberOr('margin_pct', 5, 0, 100, '%'),
                $node->numberOr('residue_film_mm', Residue::FILM_MM, 0.01, 5, 'mm'),
                $node->has('measure_by') ? $node->choice('measure_by', MeasuredBy::class) : null,
                $node->has('heat_tool') ? $node->choice('heat_tool', HeatTool::class) : null,
                $node->optionalNumber('look_every_min', 1, 1000, 'min'),
            ),
            new StudioCounts(
                $node->numberOr('drop_ml', 0.05, 0.001, 1, 'ml'),
                $node->numberOr('dip_ml', 0.01, 0.001, 1, 'ml'),
                $node->numberOr('void_fraction', Studio::VOID_FRACTION, 0, 0.95),
            ),
            new StudioWetting(
                $node->numberOr('advancing_angle_deg', 35, 1, 180, '°'),
                $node->numberOr('wall_angle_deg', 50, 1, 90, '°'),
            ),
            new StudioPace(
                $node->numberOr('activation_kj_mol', 55, 1, 300, 'kJ/mol'),
                $node->numberOr('flow_activation_kj_mol', 65, 1, 300, 'kJ/mol'),
                $node->numberOr('heat_loss_w_m2_k', Heating::CUP_LOSS_W_M2_K, 1, 100, 'W/(m² K)'),
            ),
        );
    }

    private function temperatures(Node $room): Temperatures
    {
        if (! $room->has('temperatures')) {
            return Temperatures::steady($room->number('temperature_c', -10, 60, '°C')->value);
        }
        // it is overridden, and still has to be a temperature
        $room->optionalNumber('temperature_c', -10, 60, '°C');
        $points = [];
        foreach ($room->objects('temperatures', self::MOST_POINTS) as $node) {
            $point = new TemperaturePoint(
                $node->number('at_h', -10_000, 10_000, 'h')->value,
                $node->number('c', -10, 60, '°C')->value,
            );
            if ($points !== [] && $point->atH <= end($points)->atH) {
                $node->fault('at_h', Message::of('plan.hours_rise'));
            }
            $points[] = $point;
        }
        if ($points === []) {
            $room->fault('temperatures', Message::of('plan.one_point'));

            return Temperatures::steady(20.0);
        }

        return Temperatures::through($points);
    }
}
