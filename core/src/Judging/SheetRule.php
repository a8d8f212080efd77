<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Coating\CoatCase;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Heat\Curing;
use OpenGlaze\Core\Plan\ResinSheet;
use OpenGlaze\Core\Quantity\Sourced;
use OpenGlaze\Core\Quantity\Wording;

/** What the label does not say, and what was assumed in its place. */
final class SheetRule implements Rule
{
    public function judge(CoatResult $result, Wording $say): array
    {
        $advice = [];
        $unknown = self::unknown($result);
        if ($unknown !== []) {
            $advice[] = Advice::note('value_unknown', Topic::Sheet, sprintf(
                'Look it up in the data sheet: %s not known for %s, and left open here.',
                self::listed($unknown),
                $result->case->resin->name,
            ));
        }
        $assumed = self::assumed($result, $say);
        if ($assumed !== []) {
            $advice[] = Advice::note('assumed_value', Topic::Sheet, sprintf('Assumed, until you say otherwise: %s.', implode(', ', $assumed)));
        }

        return $advice;
    }

    /** @return list<string> */
    private static function unknown(CoatResult $result): array
    {
        $resin = $result->case->resin;
        $values = [
            'when to recoat' => $resin->recoatFromH,
            'until when to recoat' => $resin->recoatToH,
            'when to sand' => $resin->sandFromH,
            'when to handle' => $resin->handleH,
            'when it is cured' => $resin->fullCureH,
            'how deep a pour may be' => $resin->maxPourMm,
        ];

        return array_keys(array_filter($values, static fn (?Sourced $value): bool => $value === null));
    }

    /** @return list<string> */
    private static function assumed(CoatResult $result, Wording $say): array
    {
        $case = $result->case;
        $values = [
            'humidity' => $case->studio->humidityPct,
            'margin' => $case->studio->marginPct,
            ...($case->coat->isOpen() ? ['edge film' => $case->coat->edgeFilmMm, 'run-off' => $case->volume->runoffPct] : []),
            ...($case->coat->isDammed() ? ['how the wall is wetted' => $case->studio->wallAngleDeg] : []),
            'soak' => $case->face->soakMlPerM2,
            ...($case->thicknessMm === null && $case->flowing() !== null ? [sprintf('film of what is counted (%s)', $say->thickness(CoatCase::COUNTED_MM)) => $case->flowing()] : []),
            ...($case->mixture()->offA > 0 ? ['density of part A' => $case->resin->densityAGMl] : []),
            ...($case->mixture()->offB > 0 && $case->resin->densityBGMl !== null ? ['density of part B' => $case->resin->densityBGMl] : []),
            'thickness of the mixed resin' => $case->resin->viscosityPaS,
            'the temperature its times are for' => $case->resin->referenceC,
            ...($case->resin->openTimeIsTheCups() ? ['working time in the film (as in the cup)' => Sourced::assumed($case->resin->openMin->value)] : []),
            'surface tension' => $case->resin->surfaceTensionNM,
            'what the cups keep' => $case->coat->residueMlPerCup ?? $case->studio->residueFilmMm,
            ...(self::assumesHeat($case->resin) ? [sprintf('heat of reaction (%d kJ/kg)', Curing::HEAT_KJ_KG) => Sourced::assumed(Curing::HEAT_KJ_KG)] : []),
            'how fast it sets by temperature' => $case->resin->activationKjMol ?? $case->studio->activationKjMol,
            'how thick it is by temperature' => $case->resin->flowActivationKjMol ?? $case->studio->flowActivationKjMol,
        ];

        return array_keys(array_filter($values, static fn (Sourced $value): bool => $value->isAssumed()));
    }

    /** Neither its label nor a pot life of so much says how much heat it makes, and something is worked out with it. */
    private static function assumesHeat(ResinSheet $resin): bool
    {
        return $resin->heatKjKg === null && ($resin->potLifeMin === null || $resin->potLifeMassG === null) && $resin->recoatFromH !== null && $resin->catalyst === null;
    }

    /** @param  non-empty-list<string>  $words */
    private static function listed(array $words): string
    {
        $last = array_pop($words);

        return $words === [] ? $last.' is' : implode(', ', $words).' and '.$last.' are';
    }
}
