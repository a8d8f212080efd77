<?php

declare(strict_types=1);

namespace App\Planning;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Remedy;
use OpenGlaze\Core\Answer\ResultDocument;
use OpenGlaze\Core\Batch\Hands;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Cure\DewPoint;
use OpenGlaze\Core\Cure\PhaseSpan;
use OpenGlaze\Core\Document\KeptCoat;
use OpenGlaze\Core\Judging\CoatAdvisor;
use OpenGlaze\Core\Message\Speaker;
use OpenGlaze\Core\Plan\Part;
use OpenGlaze\Core\Run\Act;
use OpenGlaze\Core\Run\Acts;
use OpenGlaze\Core\Run\EffectWindow;
use OpenGlaze\Core\Run\Fill;
use OpenGlaze\Core\Run\HowTo;
use OpenGlaze\Core\Run\Later;
use OpenGlaze\Core\Run\Pace;
use OpenGlaze\Core\Run\Warmings;
use OpenGlaze\Core\Trace\Trace;
use OpenGlaze\Core\Trace\TraceInput;

/** What a page is told of one computed coat: the result file's names, and what is drawn beside them. */
final class CoatAnswer
{
    /**
     * @param  list<Advice>  $advice  on it
     * @return array<string, mixed>
     */
    public static function of(CoatResult $result, array $advice, Speaker $say): array
    {
        $case = $result->case;

        return [
            'piece' => ResultDocument::piece($case->piece),
            'coat' => ResultDocument::coat($result, $advice, $say),
            'advice' => self::advice($advice, $say),
            'phases' => self::phases($result->phases()),
            'acts' => self::acts(Acts::of($result), $say),
            'stir' => $say->say(HowTo::stir($case->resin)),
            'pour' => $say->say(HowTo::pour($case)),
            'dew_point_c' => DewPoint::celsius($case->airC(), $case->studio->room->humidityPct->value),
            'in_force' => [
                'edge_film_mm' => $case->coat->asked->edge->filmMm->value,
                'runoff_pct' => $case->volume->runoffPct->value,
                'cups' => $case->coat->manner->cup->cups,
                'containment' => $case->coat->asked->containment->value,
                'dam' => $case->coat->asked->edge->dam?->value,
                ...RoomInForce::of($case->studio),
            ],
            'weighed_off_pct' => $case->resin->weighedOffPct(),
            'max_pour_mm' => $case->resin->limits->maxPourMm?->value,
            'edge_depth_mm' => $case->piece->edge->depthMm->value,
            'quantity' => $case->piece->quantity,
        ];
    }

    /**
     * @param  list<Act>  $acts
     * @return list<array{id: string, kind: string, due_min: float, until_min: float|null, title: string, how: string, lasts_min: float, left_ml?: float}>
     */
    public static function acts(array $acts, Speaker $say): array
    {
        return array_map(static fn (Act $act): array => [
            'id' => $act->id,
            'kind' => $act->kind->value,
            'due_min' => $act->dueMin,
            'until_min' => $act->untilMin,
            'title' => $say->say($act->title),
            'how' => $say->say($act->how),
            'lasts_min' => $act->lastsMin,
            ...($act->leftMl === null ? [] : ['left_ml' => $act->leftMl]),
        ], $acts);
    }

    /**
     * @param  list<Advice>  $advice
     * @return list<array{code: string, level: string, topic: string, text: string, remedies: list<array{kind: string, value: float}>}>
     */
    public static function advice(array $advice, Speaker $say): array
    {
        return array_map(static fn (Advice $one): array => [
            'code' => $one->code,
            'level' => $one->level->value,
            'topic' => $one->topic->value,
            'text' => $say->say($one->said),
            'remedies' => array_map(static fn (Remedy $remedy): array => ['kind' => $remedy->kind->value, 'value' => $remedy->value], $one->remedies),
        ], $advice);
    }

    /**
     * @param  list<PhaseSpan>  $spans
     * @return list<array{phase: string, from_min: float, to_min: float|null}>
     */
    public static function phases(array $spans): array
    {
        return array_map(static fn (PhaseSpan $span): array => [
            'phase' => $span->phase->value,
            'from_min' => $span->fromMin,
            'to_min' => $span->toMin,
        ], $spans);
    }

    /** @return array<string, mixed> */
    public static function trace(Trace $trace, Speaker $say): array
    {
        return [
            'figure' => $trace->figure,
            'label' => $say->say($trace->label),
            'unit' => $trace->unit,
            'result' => $trace->result,
            'words' => $say->say($trace->words),
            'expression' => $trace->expression,
            'note' => $trace->note === null ? '' : $say->say($trace->note),
            'inputs' => array_map(static fn (TraceInput $input): array => [
                'symbol' => $input->symbol,
                'label' => $say->say($input->label),
                'value' => is_finite($input->value) ? $input->value : null,
                'unit' => $input->unit,
                'origin' => $input->origin->value,
                'figure' => $input->figure,
            ], $trace->inputs),
        ];
    }

    /** The same, to be kept, with what hands at the bench want to know of it. */
    public static function kept(CoatResult $result, Speaker $say): KeptCoat
    {
        $case = $result->case;
        $fill = Fill::of($result);

        return KeptCoat::from([
            ...self::of($result, CoatAdvisor::advise($result), $say),
            'laying_min' => Hands::layingMin($case) * $case->piece->quantity,
            'parts' => array_map(static fn (Part $part): array => ['colour' => $part->colour, 'share_pct' => $part->sharePct, ...($how = HowTo::part($part, $case)) === null ? [] : ['how' => $say->say($how)]], $case->coat->manner->parts),
            'effects' => array_map(static function (Pace $pace) use ($case): array {
                $window = EffectWindow::of($pace, $case->clock);

                return ['pace' => $pace->value, 'from_min' => $window->fromMin, 'to_min' => $window->toMin, 'fits' => $window->fits()];
            }, Pace::cases()),
            'fill' => ['judge_from_min' => $fill->judgeFromMin, 'pass_until_min' => $fill->passUntilMin],
            'later' => array_map(static fn (Later $one): array => ['what' => $one->what, 'from_min' => $one->fromMin, 'to_min' => $one->toMin], Later::of($result)),
            'warmings' => array_map(static fn (array $one): array => [
                'tool' => $one[0]->value, 'seconds' => $one[1], 'gain_k' => $one[2]->gainK, 'viscosity_factor' => $one[2]->viscosityFactor, 'age_min' => $one[2]->ageSpentMin, 'cools_min' => $one[2]->coolsInMin,
            ], Warmings::of($result)),
        ]);
    }
}
