<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Batch\BatchResult;

/** Asks every rule about a batch, cup of colour by cup of colour first; stops first, then cautions, then notes. */
final class BatchAdvisor
{
    /** @return list<Advice> */
    public static function advise(BatchResult $result): array
    {
        $advice = [];
        foreach ($result->coloured->shares as $share) {
            foreach (self::colourRules() as $rule) {
                array_push($advice, ...$rule->judge($share, $result));
            }
        }
        foreach (self::rules() as $rule) {
            array_push($advice, ...$rule->judge($result));
        }

        return Advice::stopsFirst($advice);
    }

    /** @return list<BatchRule> */
    private static function rules(): array
    {
        return [
            new ColoursTakenRule,
            new OilRule,
            new CupHeatRule,
            new BathRule,
            new LeftInCupRule,
            new HeatUnknownRule,
            new CupAgeRule,
            new RatioRule,
            new RoundingRule,
            new SpreadRule,
            new BatchSizeRule,
        ];
    }

    /** @return list<ColourRule> */
    private static function colourRules(): array
    {
        return [
            new ColourLimitRule,
            new FillerRule,
            new FlameRule,
            new StirAgainRule,
        ];
    }
}
