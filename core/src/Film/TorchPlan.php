<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Film;

/** When to pass with heat, when to look last, and when the film closes. Times in minutes from the end of the pour. */
final readonly class TorchPlan
{
    /** No pass or look after this share of the closing time. */
    public const LATEST_SHARE = 0.8;

    /** A dimple this wide, in mm, must still heal. */
    public const DIMPLE_MM = 10.0;

    /** The age that goes by between two looks where something gives off air from below, min at the reference temperature. */
    public const LOOK_EVERY_AGE_MIN = 10.0;

    /** A look that comes so soon before the last is left out, in parts of the time between two. */
    private const LAST_APART = 0.5;

    private const MOST_LOOKS = 50;

    /** The passes of a full plan. */
    public const PASSES = 2;

    /**
     * @param  list<float>  $passesMin  at most two
     * @param  float|null  $lookMin  the last look; null where the film is closed from the start
     * @param  list<float>  $looksMin  those before the last: where something gives off air from below, or by habit
     */
    private function __construct(
        public array $passesMin,
        public ?float $lookMin,
        public float $closesMin,
        public HeatTool $tool,
        public array $looksMin = [],
    ) {
    }

    /** Where the depth is not known only the look is planned. */
    public static function of(FilmCase $case, HeatHabits $heat): self
    {
        [$filmMm, $fluid, $openMin] = [$case->filmMm, $case->fluid, $case->openMin()];
        $clock = $fluid->clock;
        $bubbles = new Bubbles($fluid->liquid, $clock);
        $lookEveryMin = $heat->airFromBelow ? min($heat->lookEveryMin ?? INF, self::LOOK_EVERY_AGE_MIN / $clock->rate()) : $heat->lookEveryMin;
        if ($openMin <= 0) {
            return new self([], null, 0.0, $heat->tool);
        }
        if ($filmMm === null) {
            return new self([], min(self::LATEST_SHARE * $openMin, $heat->spreadMin), $openMin, $heat->tool);
        }
        $closes = min($openMin, self::healsUntilMin($filmMm, $clock, new Levelling($fluid->liquid, $clock)));
        if ($closes <= 0) {
            return new self([], null, 0.0, $heat->tool);
        }
        $latest = self::LATEST_SHARE * $closes;

        $passes = [];
        $rise100 = $bubbles->riseMin($filmMm, 100);
        if ($rise100 !== null && max($rise100, $heat->spreadMin) <= $latest) {
            $passes[] = max($rise100, $heat->spreadMin);
            $rise50 = $bubbles->riseMin($filmMm, 50);
            if ($rise50 !== null && max($rise50, $passes[0] + $heat->betweenMin) <= $latest) {
                $passes[] = max($rise50, $passes[0] + $heat->betweenMin);
            }
        }
        $soonest = $passes === [] ? $heat->spreadMin : end($passes) + $heat->betweenMin;
        $look = min($latest, max($bubbles->riseMin($filmMm, 30) ?? INF, $soonest));

        $looks = [];
        if ($lookEveryMin !== null) {
            // looks go on until the film is about to close
            for ($min = min($look, $soonest); $min < $latest - self::LAST_APART * $lookEveryMin && count($looks) < self::MOST_LOOKS; $min += $lookEveryMin) {
                $looks[] = $min;
            }
            $look = $latest;
        }

        return new self($passes, $look, $closes, $heat->tool, $looks);
    }

    public function droppedPasses(): int
    {
        return self::PASSES - count($this->passesMin);
    }

    public function lastPassMin(): ?float
    {
        return $this->passesMin === [] ? null : $this->passesMin[count($this->passesMin) - 1];
    }

    /** Until when a dimple left by the heat still heals; 0 when it never would. */
    private static function healsUntilMin(float $filmMm, FilmClock $clock, Levelling $levelling): float
    {
        $left = $levelling->mobilityFor(1.0, $filmMm, self::DIMPLE_MM);
        $used = $clock->mobilityInTheEnd() - $left;

        return $used <= 0 ? 0.0 : $clock->minutesToMobility($used) ?? INF;
    }
}
