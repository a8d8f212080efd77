<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Coating\CoatResult;
use WeakMap;

/** Asks every rule about a coat; stops first, then cautions, then notes. */
final class CoatAdvisor
{
    /** @var WeakMap<CoatResult, list<Advice>>|null what was said of a result, for as long as somebody holds it: neither changes */
    private static ?WeakMap $said = null;

    /** @return list<Advice> */
    public static function advise(CoatResult $result): array
    {
        self::$said ??= new WeakMap;

        return self::$said[$result] ??= self::judged($result);
    }

    /** @return list<Advice> */
    private static function judged(CoatResult $result): array
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
            new BaseTemperatureRule,
            new SurfaceRule,
            new OldPaintRule,
            new NextCoatRule,
            new WindowRule,
            new InclusionRule,
            new HeatRule,
            new SheetDoubtRule,
            new TypicalRule,
            new SheetRule,
        ];
    }
}
