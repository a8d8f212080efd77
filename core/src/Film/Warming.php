<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Film;

use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Numeric\Quadrature;

/**
 * Heat as a tool: what passing over a film gains, and what it spends.
 *
 * A film h thick takes up q and loses U to the room: ΔT = (q/U)·(1 − e^(−t/τ)), τ = ρ·c·h/U; then it cools with τ.
 *
 * Source: lumped heat balance of a thin layer.
 */
final readonly class Warming
{
    private const LOSS_W_M2_K = 15.0;

    private const HEAT_CAPACITY_J_KG_K = 1900.0;

    private const HOTTEST_C = 60.0;

    /** What is left of the gain where its cooling is followed no further. */
    private const TAIL = 1e-3;

    private function __construct(
        public float $gainK,
        /** against what it was before, by its temperature alone; below 1 */
        public float $viscosityFactor,
        /** beside standing in the room, min at the resin's reference temperature */
        public float $ageSpentMin,
        /** of the film's cooling, min */
        public float $coolsInMin,
    ) {
    }

    /**
     * @param  HeatTool  $tool  flame or heat gun
     * @param  float  $seconds  for which it is over each place, above 0
     * @param  float  $filmMm  above 0
     * @param  float  $roomC  what the film was before
     *
     * @throws WarmingException when the tool warms nothing, or the film would get hotter than 60 °C
     */
    public static function by(HeatTool $tool, float $seconds, float $filmMm, float $densityKgM3, Kinetics $kinetics, float $roomC): self
    {
        $heat = match ($tool) {
            HeatTool::HeatGun => 2000.0,
            HeatTool::Flame => 4000.0,
            default => throw WarmingException::because(Message::of('warming.no_heat')),
        };
        $tau = $densityKgM3 * self::HEAT_CAPACITY_J_KG_K * $filmMm / 1000 / self::LOSS_W_M2_K;
        $hottest = $heat / self::LOSS_W_M2_K;
        $gain = $hottest * (1 - exp(-$seconds / $tau));
        if ($roomC + $gain > self::HOTTEST_C) {
            throw WarmingException::because(Message::of('warming.too_hot', reaches: Measure::temperature($roomC + $gain), most: Measure::temperature(self::HOTTEST_C)));
        }
        $room = $kinetics->rate($roomC);
        $faster = static fn (float $kelvin): float => $kinetics->rate($roomC + $kelvin) - $room;
        // warming by the clock; cooling by the share that is left of it, and its tail as a straight line
        $spent = Quadrature::adaptive(static fn (float $s): float => $faster($hottest * (1 - exp(-$s / $tau))), 0.0, $seconds)
            + $tau * (Quadrature::adaptive(static fn (float $left): float => $faster($gain * $left) / $left, self::TAIL, 1.0) + $faster($gain * self::TAIL));

        return new self($gain, $kinetics->viscosity($roomC + $gain, 0.0) / $kinetics->viscosity($roomC, 0.0), $spent / 60, $tau / 60);
    }
}
