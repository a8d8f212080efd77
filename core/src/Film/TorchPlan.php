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

    /** The passes of a full plan. */
    public const PASSES = 2;

    /**
     * @param  list<float>  $passesMin  at most two
     * @param  float|null  $lookMin  null where the film is closed from the start
     */
    private function __construct(
        public array $passesMin,
        public ?float $lookMin,
        public float $closesMin,
        public HeatTool $tool,
    ) {
    }

    /**
     * @param  float|null  $filmMm  null where the depth is not known: then only the look is planned
     * @param  float  $spreadMin  minutes that the spreading takes
     * @param  float  $betweenMin  least minutes from one pass to the next look or pass
     */
    public static function of(
        ?float $filmMm,
        float $openMin,
        FilmClock $clock,
        Levelling $levelling,
        Bubbles $bubbles,
        float $spreadMin,
        float $betweenMin,
        HeatTool $tool,
    ): self {
        if ($openMin <= 0) {
            return new self([], null, 0.0, $tool);
        }
        if ($filmMm === null) {
            return new self([], min(self::LATEST_SHARE * $openMin, $spreadMin), $openMin, $tool);
        }
        $closes = min($openMin, self::healsUntilMin($filmMm, $clock, $levelling));
        if ($closes <= 0) {
            return new self([], null, 0.0, $tool);
        }
        $latest = self::LATEST_SHARE * $closes;

        $passes = [];
        $rise100 = $bubbles->riseMin($filmMm, 100);
        if ($rise100 !== null && max($rise100, $spreadMin) <= $latest) {
            $passes[] = max($rise100, $spreadMin);
            $rise50 = $bubbles->riseMin($filmMm, 50);
            if ($rise50 !== null && max($rise50, $passes[0] + $betweenMin) <= $latest) {
                $passes[] = max($rise50, $passes[0] + $betweenMin);
            }
        }
        $soonest = $passes === [] ? $spreadMin : end($passes) + $betweenMin;
        $look = min($latest, max($bubbles->riseMin($filmMm, 30) ?? INF, $soonest));

        return new self($passes, $look, $closes, $tool);
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
