<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Coating\CoatResult;

/** Asks every rule about a coat; stops first, then cautions, then notes. */
final class CoatAdvisor
{
    /** @return list<Advice> */
    public static function advise(CoatResult $result): array
    {
        $advice = [];
        foreach (self::rules() as $rule) {
            array_push($advice, ...$rule->judge($result));
        }

        return Advice::stopsFirst($advice);
    }

    /** @return list<CoatRule> */
    private static function rules(): array
    {
        return [
            new AgeRule,
            new PourDepthRule,
            new LayerHeatRule,
            new CastingRule,
            new HeldRule,
            new EdgeRule,
            new FilmThicknessRule,
            new ReliefRule,
            new FlowRule,
            new BenchLevelRule,
            new RoomRule,
            new SurfaceRule,
            new OldPaintRule,
            new NextCoatRule,
            new InclusionRule,
            new HeatRule,
            new SheetRule,
        ];
    }
}
