<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Heat;

use OpenGlaze\Core\Film\HeatTool;
use OpenGlaze\Core\Film\Kinetics;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;

/**
 * Heat as a tool: what passing over a film gains, and what it spends. What lies below takes its part.
 *
 * Source: conduction through film and base, without reaction; the tool's heat on the film's surface.
 */
final readonly class Warming
{
    private const HOTTEST_C = 60.0;

    /** So long after its beginning what it spends is counted, s. */
    private const FOLLOWED_S = 3600.0;

    /** Steps while the tool is over a place. */
    private const STEPS = 40;

    /** What is left of the gain when it has cooled. */
    private const COOLED_SHARE = 0.37;

    /** Each step of the cooling is so much longer than the last. */
    private const GROWTH = 1.08;

    private function __construct(
        /** of the film's mean */
        public float $gainK,
        /** against what it was before, by its temperature alone; below 1 */
        public float $viscosityFactor,
        /** beside standing in the room, min at the resin's reference temperature */
        public float $ageSpentMin,
        /** until hardly more than a third of the gain is left, min; an hour at most */
        public float $coolsInMin,
    ) {
    }

    /**
     * @param  HeatTool  $tool  flame or heat gun
     * @param  float  $seconds  for which it is over each place, above 0
     * @param  PouredLayer  $film  as it lies there, at its room's temperature
     *
     * @throws WarmingException when the tool warms nothing, or the film would get hotter than 60 °C at its surface
     */
    public static function by(HeatTool $tool, float $seconds, PouredLayer $film, Kinetics $kinetics, float $capacityJKgK = Curing::CAPACITY_J_KG_K): self
    {
        $heat = match ($tool) {
            HeatTool::HeatGun => 2000.0,
            HeatTool::Flame => 4000.0,
            default => throw WarmingException::because(Message::of('warming.no_heat')),
        };
        $slab = new Slab($film->depthMm / 1000, $film->conductivity, $film->densityKgM3 * $capacityJKgK);
        $grid = LayerGrid::Warming;
        $conduction = $film->onBase($grid->cellsOfSlab());
        $base = $conduction->cells();
        $conduction->lay($slab, $grid->cellsOfResin());
        $roomC = $film->room->at(0.0);
        $celsius = array_fill(0, $conduction->cells(), $roomC);
        $room = $kinetics->rate($roomC);
        $mean = static fn (array $celsius): float => array_sum(array_slice($celsius, $base)) / $grid->cellsOfResin();
        [$time, $step, $spent, $gain, $cools, $before] = [0.0, $seconds / self::STEPS, 0.0, 0.0, null, $roomC];
        for ($steps = 0; $time < self::FOLLOWED_S; $steps++) {
            $heats = $steps < self::STEPS;
            $step = $heats ? $step : min($step * self::GROWTH, self::FOLLOWED_S - $time);
            $conduction->begin($celsius, $step, $steps < 4 || $steps === self::STEPS ? 1.0 : 0.55, $roomC, $roomC);
            $celsius = $conduction->end($conduction->cells() - 1, [$heats ? $heat * $step : 0.0]);
            $time += $step;
            $here = $mean($celsius);
            $spent += $step * (($kinetics->rate($before) + $kinetics->rate($here)) / 2 - $room);
            $before = $here;
            if ($steps === self::STEPS - 1) {
                $gain = $here - $roomC;
                self::refuseHot($celsius[$conduction->cells() - 1] + $heat * $slab->depthM / $grid->cellsOfResin() / 2 / $slab->conductivity);
            }
            if ($cools === null && ! $heats && $here - $roomC <= $gain * self::COOLED_SHARE) {
                $cools = ($time - $seconds) / 60;
            }
        }

        return new self($gain, $kinetics->viscosity($roomC + $gain, 0.0) / $kinetics->viscosity($roomC, 0.0), $spent / 60, $cools ?? self::FOLLOWED_S / 60);
    }

    /** @throws WarmingException */
    private static function refuseHot(float $surfaceC): void
    {
        if ($surfaceC > self::HOTTEST_C) {
            throw WarmingException::because(Message::of('warming.too_hot', reaches: Measure::temperature($surfaceC), most: Measure::temperature(self::HOTTEST_C)));
        }
    }
}
