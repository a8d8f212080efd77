<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Batch;

use LogicException;
use OpenGlaze\Core\Coating\CoatCase;
use OpenGlaze\Core\Film\Temperatures;
use OpenGlaze\Core\Heat\Bath;
use OpenGlaze\Core\Heat\Curing;
use OpenGlaze\Core\Heat\ResinInCup;
use OpenGlaze\Core\Measuring\Container;
use OpenGlaze\Core\Measuring\StraightCup;

/**
 * One batch in its cup, beside what else could be done with it: poured into a dish, halved, mixed cooler,
 * or from warmed bottles. A model to compare choices with, not a thermometer.
 */
final class CupClock
{
    /** @var array<string, Standing> */
    private array $followed = [];

    /** How deep a dish is filled to keep it cool, mm. */
    public const DISH_MM = 5.0;

    /** How much cooler the room and the bottles are taken to be, K. */
    public const COOLER_K = 5.0;

    /** A cup stays beside the plan where it does not pass this before the wait is over, °C. */
    private const CALM_C = 40.0;

    /** Thicknesses that are waited for, Pa·s: holds a drop apart, stays where it is placed. */
    public const WAITS_PA_S = [6.0, CoatCase::STAYS_PA_S];

    private function __construct(
        private readonly BatchResult $result,
        private readonly CoatCase $case,
    ) {
    }

    /** Null where the label does not tell how its resin warms. */
    public static function of(BatchResult $result): ?self
    {
        $case = $result->turns[0]->coat->case;

        return $case->selfHeating === null ? null : new self($result, $case);
    }

    /** @return array{cup: Standing, dish: Standing, halved: Standing, cooler: Standing} */
    public function compared(): array
    {
        return [
            'cup' => $this->in('cup'),
            'dish' => $this->in('dish'),
            'halved' => $this->standing($this->result->batch->in->cup, 0.5, 0.0, bath: $this->result->batch->in->bath),
            'cooler' => $this->standing($this->result->batch->in->cup, 1.0, -self::COOLER_K, bath: $this->result->batch->in->bath),
        ];
    }

    /** The cup as it would stand without its bath. */
    public function withoutBath(): Standing
    {
        return $this->standing($this->result->batch->in->cup, 1.0, 0.0);
    }

    /** Diameter of the dish that it is compared with, mm. */
    public function dishMm(): float
    {
        return $this->dish()->diameterMm;
    }

    /**
     * Where and how long to wait until it is so thick; the cup where it stays calm till then, else the dish.
     *
     * @param  float  $paS  above 0
     * @return array{in: 'cup'|'dish', min: float, celsius: float, left_min: float|null}|null null when it would not come to that
     */
    public function waitFor(float $paS): ?array
    {
        foreach (['cup', 'dish'] as $in) {
            $standing = $this->in($in);
            $min = $standing->minutesToViscosity($paS);
            $celsius = $min === null ? null : $standing->run->celsiusAt($min);
            if ($min !== null && $celsius !== null && ($in === 'dish' || $celsius <= self::CALM_C)) {
                return ['in' => $in, 'min' => $min, 'celsius' => $celsius, 'left_min' => $standing->potLifeMin === null ? null : max(0.0, $standing->potLifeMin - $min)];
            }
        }

        return null;
    }

    /**
     * What bottles warmed to a temperature change: how thin it starts, how fast its bubbles rise, how long it lasts.
     *
     * @param  float  $celsius  of the mix at the end of mixing
     * @return array{thinner: float, pot_life_min: float|null, pot_life_in_room_min: float|null, open_on_piece_min: float}
     */
    public function warmedTo(float $celsius): array
    {
        $kinetics = $this->curing()->kinetics;
        $room = $this->case->studio->room->temperatures->at(0.0);

        return [
            // a bubble's speed goes with one over the thickness (Stokes), so it rises as many times faster
            'thinner' => $kinetics->viscosity($room, 0.0) / $kinetics->viscosity($celsius, 0.0),
            'pot_life_min' => $this->standing($this->result->batch->in->cup, 1.0, $celsius - $room, roomToo: false)->potLifeMin,
            'pot_life_in_room_min' => $this->standing($this->result->batch->in->cup, 1.0, 0.0, roomToo: false)->potLifeMin,
            // a film takes the room's temperature within minutes
            'open_on_piece_min' => $kinetics->openMin / $kinetics->rate($room),
        ];
    }

    /** @param  'cup'|'dish'  $in */
    private function in(string $in): Standing
    {
        return $this->followed[$in] ??= $in === 'cup' ? $this->standing($this->result->batch->in->cup, 1.0, 0.0, bath: $this->result->batch->in->bath) : $this->standing($this->dish(), 1.0, 0.0);
    }

    private function curing(): Curing
    {
        return $this->case->selfHeating?->inCup() ?? throw new LogicException('a cup is followed only where its heat is known');
    }

    private function inOneCupMl(): float
    {
        return $this->result->mixed->portions->totalMl() / $this->result->batch->in->cups;
    }

    private function dish(): StraightCup
    {
        return new StraightCup(sqrt(4000 * $this->inOneCupMl() / (M_PI * self::DISH_MM)));
    }

    private function standing(Container $in, float $share, float $warmerK, bool $roomToo = true, ?Bath $bath = null): Standing
    {
        $room = $this->case->studio->room->temperatures;
        $start = ($roomToo ? $this->result->batch->in->mixedAtC->value ?? $room->at(0.0) : $room->at(0.0)) + $warmerK;

        return Standing::of($this->curing(), new ResinInCup($this->inOneCupMl() * $share, $this->case->liquid->densityKgM3, $in, $roomToo && $warmerK !== 0.0 ? Temperatures::steady($room->at(0.0) + $warmerK) : $room, $start, $this->case->studio->pace->heatLossWM2K->value, $bath), $this->result->standing->emptiedMin);
    }
}
