<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Coating\CoatCase;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Heat\Curing;
use OpenGlaze\Core\Message\Listed;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Plan\ResinSheet;
use OpenGlaze\Core\Quantity\Sourced;

/** What the label does not say, and what was assumed in its place. */
final class SheetRule implements CoatRule
{
    public function judge(CoatResult $result): array
    {
        $advice = [];
        $unknown = self::unknown($result);
        if ($unknown !== []) {
            $advice[] = Advice::note(Topic::Sheet, Message::of(
                count($unknown) === 1 ? 'advice.value_unknown.one_of_the_label' : 'advice.value_unknown.of_the_label',
                what: Listed::and($unknown),
                resin: $result->case->resin->name,
            ));
        }
        $assumed = self::assumed($result);
        if ($assumed !== []) {
            $advice[] = Advice::note(Topic::Sheet, Message::of('advice.assumed_value', what: Listed::commas($assumed)));
        }

        return $advice;
    }

    /** @return list<Message> */
    private static function unknown(CoatResult $result): array
    {
        $resin = $result->case->resin;
        $values = [
            'recoat_from' => $resin->stages->recoatFromH,
            'recoat_to' => $resin->stages->recoatToH,
            'sand_from' => $resin->stages->sandFromH,
            'handle' => $resin->stages->handleH,
            'full_cure' => $resin->stages->fullCureH,
            'max_pour' => $resin->limits->maxPourMm ?? ($resin->typicalDepthMm() === null ? null : Sourced::assumed($resin->typicalDepthMm())),
        ];

        return array_map(static fn (string $what): Message => Message::of('labels.'.$what), array_keys(array_filter($values, static fn (?Sourced $value): bool => $value === null)));
    }

    /** @return list<Message> */
    private static function assumed(CoatResult $result): array
    {
        $case = $result->case;
        $values = [
            'humidity' => $case->studio->room->humidityPct,
            'margin' => $case->studio->hands->marginPct,
            ...($case->coat->isOpen() ? ['edge_film' => $case->coat->asked->edge->filmMm, 'runoff' => $case->volume->runoffPct] : []),
            ...($case->coat->isDammed() ? ['wall_angle' => $case->studio->wetting->wallAngleDeg] : []),
            'soak' => $case->face->soakMlPerM2,
            ...($case->thicknessMm === null && $case->flowing() !== null ? ['counted_film' => $case->flowing()] : []),
            ...($case->mixture()->offA > 0 ? ['density_a' => $case->resin->parts->densityAGMl] : []),
            ...($case->mixture()->offB > 0 && $case->resin->parts->densityBGMl !== null ? ['density_b' => $case->resin->parts->densityBGMl] : []),
            'viscosity' => $case->resin->flow->viscosityPaS,
            'reference' => $case->resin->times->referenceC,
            ...($case->resin->openTimeIsTheCups() ? ['open_as_in_cup' => Sourced::assumed($case->resin->times->openMin->value)] : []),
            'tension' => $case->resin->flow->surfaceTensionNM,
            'residue' => $case->coat->manner->cup->residueMlPerCup ?? $case->studio->hands->residueFilmMm,
            ...(self::assumesHeat($case->resin) ? ['heat' => Sourced::assumed(Curing::HEAT_KJ_KG)] : []),
            'activation' => $case->resin->setting->activationKjMol ?? $case->studio->pace->activationKjMol,
            'flow_activation' => $case->resin->flow->flowActivationKjMol ?? $case->studio->pace->flowActivationKjMol,
        ];

        $names = array_keys(array_filter($values, static fn (Sourced $value): bool => $value->isAssumed()));

        return array_map(static fn (string $what): Message => Message::of('assumed.'.$what, film: Measure::thickness(CoatCase::COUNTED_MM), heat: Measure::number(Curing::HEAT_KJ_KG)), $names);
    }

    /** Neither its label nor a pot life of so much says how much heat it makes, and something is worked out with it. */
    private static function assumesHeat(ResinSheet $resin): bool
    {
        return $resin->setting->heatKjKg === null && ($resin->times->potLifeMin === null || $resin->times->potLifeMassG === null) && $resin->stages->recoatFromH !== null && $resin->parts->catalyst === null;
    }
}
