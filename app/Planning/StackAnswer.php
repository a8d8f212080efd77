<?php

declare(strict_types=1);

namespace App\Planning;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Amount\Schools;
use OpenGlaze\Core\Answer\ResultDocument;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Heat\Heating;
use OpenGlaze\Core\Heat\HeatStrip;
use OpenGlaze\Core\Held\Meniscus;
use OpenGlaze\Core\Judging\CoatAdvisor;
use OpenGlaze\Core\Message\Speaker;
use OpenGlaze\Core\Plan\Inclusion;
use OpenGlaze\Core\Steps\PlannedStep;
use OpenGlaze\Core\Steps\StepList;

/** What the coat page is told: the coat itself, the stack that it belongs to, its steps, and what is drawn of it. */
final class StackAnswer
{
    /** @return array<string, mixed> */
    public static function of(StackResult $stack, Speaker $say): array
    {
        $case = $stack->coat->case;
        $advice = array_map(CoatAdvisor::advise(...), $stack->results);
        $schools = Schools::of($stack->coat->volume, $case->piece->quantity, $case->volume->coveredMm2);

        return [
            ...CoatAnswer::of($stack->coat, $advice[$stack->at], $say),
            'edge_film' => EdgeAnswer::of($stack->coat),
            'heat_strip' => self::heatStrip($case->heat->strip()),
            'stack' => array_map(
                static fn (CoatResult $result, array $advice, int $index): array => [
                    ...self::layer($result, $stack->rows[$index]->id, $stack->rows[$index]->resin->name()),
                    'stop' => Advice::stops($advice) !== [],
                ],
                $stack->results,
                $advice,
                array_keys($stack->results),
            ),
            'whole' => ResultDocument::stack($case->piece, $stack->results),
            'steps' => array_map(static fn (PlannedStep $step): array => self::step($step, $say), StepList::of($case)),
            'schools' => [
                'thickness_mm' => $schools->thicknessMm,
                'ml_per_cm2' => $schools->mlPerCm2,
                'laid_ml' => $schools->laidMl,
                'mixed_ml' => $schools->mixedMl,
            ],
            'wall_mm' => $case->piece->rim->recessMm->value ?? $case->piece->rim->lipMm?->value,
            'face_down' => $case->piece->rim->faceDown,
        ];
    }

    /** @return array<string, mixed> */
    private static function layer(CoatResult $result, int $id, string $resin): array
    {
        $case = $result->case;
        $capillary = $case->liquid->capillaryLengthMm();
        $rim = match (true) {
            $case->held?->dome !== null => array_map(static fn (array $point): array => [$point[0], $point[1] + $case->lipMm()], $case->held->dome->rim()),
            $case->coat->isDammed() => Meniscus::atWall($capillary, $case->studio->wetting->wallAngleDeg->value),
            default => [],
        };

        return [
            'id' => $id,
            'kind' => $case->coat->kind->value,
            'resin' => $resin,
            'containment' => $case->coat->asked->containment->value,
            'layer' => $case->ground->layer,
            'below_mm' => $case->ground->belowMm,
            'thickness_mm' => $case->thicknessMm?->value,
            'lifts' => $case->lifts->count,
            'total_ml' => $result->volume->totalMl(),
            'share' => $case->piece->areaMm2() === null ? 1.0 : $case->volume->coveredMm2 / $case->piece->areaMm2(),
            'zone' => $case->coat->asked->coverage->zone?->name,
            'from_share' => self::fromShare($result),
            'rim' => array_map(static fn (array $point): array => [round($point[0], 3), round($point[1], 3)], $rim),
            'inclusions' => array_map(static fn (Inclusion $one): array => [
                'name' => $one->name,
                'count' => $one->count,
                'bottom_mm' => $one->place->onTop ? ($case->thicknessMm->value ?? 0.0) : $one->place->bottomMm,
                'height_mm' => $one->place->heightMm,
                'ball' => $one->place->isBall,
            ], $case->coat->asked->coverage->inclusions),
        ];
    }

    /** @return array<string, mixed>|null null where no place of it passes 40 °C */
    private static function heatStrip(?HeatStrip $strip): ?array
    {
        return $strip === null ? null : [
            'lift' => $strip->lift,
            'depth_mm' => $strip->depthMm,
            'drawn_from_c' => HeatStrip::DRAWN_FROM_C,
            // past this the figure means only that it runs away
            'most_c' => Heating::RUNAWAY_C,
            'peak_c' => $strip->peakC,
            'peak_min' => $strip->peakMin,
            'warm_from_min' => $strip->warmFromMin,
            'warm_until_min' => $strip->warmUntilMin,
            'mins' => $strip->mins,
            'frames' => array_map(static fn (array $celsius): array => array_map(static fn (float $c): float => round($c, 2), $celsius), $strip->frames),
        ];
    }

    /** Where along the piece a zone begins, as a share of its width; null where it has no place. */
    private static function fromShare(CoatResult $result): ?float
    {
        $zone = $result->case->coat->asked->coverage->zone;
        $width = $result->case->piece->outline?->boxWidthMm();

        return $zone?->at === null || $width === null || $zone->outline === null ? null : max(0.0, $zone->at->x / $width);
    }

    /** @return array<string, mixed> */
    private static function step(PlannedStep $step, Speaker $say): array
    {
        return [
            'id' => $step->id,
            'title' => $say->say($step->title),
            'how' => $step->how === null ? '' : $say->say($step->how),
            'after' => $step->after,
            'own' => $step->isOwn,
            'state' => $step->state->value,
            'reason' => $step->reason,
            'cautions' => array_map($say->say(...), $step->caution?->said() ?? []),
        ];
    }
}
