<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Level;
use OpenGlaze\Core\Coating\CoatResult;

/** Asks every rule about a coat; stops first, then cautions, then notes. */
final readonly class Advisor
{
    /** @return list<Advice> */
    public static function advise(CoatResult $result): array
    {
        $advice = [];
        foreach (self::rules() as $rule) {
            array_push($advice, ...$rule->judge($result));
        }
        $weight = static fn (Advice $one): int => match ($one->level) {
            Level::Stop => 0,
            Level::Caution => 1,
            Level::Note => 2,
        };
        usort($advice, static fn (Advice $a, Advice $b): int => $weight($a) <=> $weight($b));

        return $advice;
    }

    /** @return list<Rule> */
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
