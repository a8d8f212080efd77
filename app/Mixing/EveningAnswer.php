<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Models\Lot;
use App\Planning\CoatAnswer;
use App\Planning\OutlineDrawing;
use DateTimeImmutable;
use OpenGlaze\Core\Answer\ResultDocument;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Batch\CupClock;
use OpenGlaze\Core\Batch\Hands;
use OpenGlaze\Core\Batch\Standing;
use OpenGlaze\Core\Batch\Turn;
use OpenGlaze\Core\Coating\CoatCase;
use OpenGlaze\Core\Edge\WipeRounds;
use OpenGlaze\Core\Heat\Heating;
use OpenGlaze\Core\Judging\BatchAdvisor;
use OpenGlaze\Core\Measuring\EqualFills;
use OpenGlaze\Core\Measuring\FillLines;
use OpenGlaze\Core\Measuring\Markable;
use OpenGlaze\Core\Measuring\MeasuredBy;
use OpenGlaze\Core\Measuring\MeasuringTools;
use OpenGlaze\Core\Measuring\Vessel;
use OpenGlaze\Core\Measuring\VesselException;
use OpenGlaze\Core\Measuring\WayToMeasure;
use OpenGlaze\Core\Message\Speaker;
use OpenGlaze\Core\Plan\Part;
use OpenGlaze\Core\Plan\PartName;
use OpenGlaze\Core\Plan\ResinFamily;
use OpenGlaze\Core\Quantity\VolumeUnit;
use OpenGlaze\Core\Safety\Caution;
use OpenGlaze\Core\Stock\Lot as StockLot;
use OpenGlaze\Core\Stock\StockAdvisor;

/** What pages are told of an evening's batches: the result file's names, and what is drawn beside them. */
final class EveningAnswer
{
    private const PROFILE_STEPS = 40;

    /** What the two amounts are said in besides. */
    private const OTHERWISE = [VolumeUnit::Millilitre, VolumeUnit::UsFluidOunce, VolumeUnit::ImperialFluidOunce, VolumeUnit::Tablespoon, VolumeUnit::Teaspoon, VolumeUnit::CubicInch];

    /** @return array<string, mixed> */
    public static function of(Evening $evening, DateTimeImmutable $today, Speaker $say): array
    {
        $minutes = array_sum(array_map(static fn (BatchResult $batch): float => (Hands::mixingMin($batch->resin) ?? 0.0) + $batch->laidMin(), $evening->batches));
        $vessels = VesselsAtHand::of($evening->plan->vessels, $today, $evening->document->batches());
        $lots = Lot::ofResins(array_map(self::resinOf(...), $evening->batches));

        return [
            'batches' => array_map(static fn (BatchResult $batch): array => self::batch($evening, $batch, $today, $say, $lots[self::resinOf($batch)] ?? [], $vessels), $evening->batches),
            'minutes' => $minutes,
        ];
    }

    private static function resinOf(BatchResult $batch): string
    {
        return $batch->turns[0]->coat->case->coat->resinId;
    }

    /**
     * @param  list<StockLot>|null  $lots  of its resin; asked for where they are not at hand
     * @return array<string, mixed>
     */
    public static function batch(Evening $evening, BatchResult $result, DateTimeImmutable $today, Speaker $say, ?array $lots = null, ?VesselsAtHand $vessels = null): array
    {
        $lots ??= Lot::ofResins([self::resinOf($result)])[self::resinOf($result)] ?? [];
        $vessel = ($vessels ?? VesselsAtHand::of($evening->plan->vessels, $today))->advise($result);

        $advice = BatchAdvisor::advise($result);

        return [
            ...ResultDocument::batch($result, $advice, $say),
            'advice' => CoatAnswer::advice([...$advice, ...StockAdvisor::advise($result, $lots, $today), ...$vessel === null ? [] : [$vessel]], $say),
            'resin' => $result->resin->name,
            'first' => $result->resin->parts->firstPart->value,
            'open_min' => $result->resin->times->openMin->value,
            'spread_by' => Hands::SPREAD_BY,
            'mixing_min' => Hands::mixingMin($result->resin),
            'stir_min' => $result->resin->times->mixMin?->value,
            'colouring_min' => $result->colouringMin(),
            'hot_min' => $result->standing->run?->minutesToC(Heating::HOT_C),
            'spread_until_min' => $result->standing->run?->minutesToAge(Hands::SPREAD_BY * $result->resin->times->openMin->value),
            'runs_away' => ($result->standing->run->peakC ?? 0.0) > Heating::RUNAWAY_C,
            'wipe_rounds' => self::wipeRounds($result),
            'vessel' => self::vessel($evening, $result, $say),
            'lines' => self::lines($result),
            'pieces' => array_map(static fn (Turn $turn): array => [
                'coat' => $turn->coat->case->coat->id,
                'name' => $turn->coat->case->piece->name,
                'kind' => $turn->coat->case->coat->kind->value,
                'quantity' => $turn->coat->case->piece->quantity,
                'drawing' => OutlineDrawing::of($turn->coat->case->piece),
                'film_mm' => $turn->coat->case->filmMm(),
                'tool' => $turn->coat->film->torch->tool->value,
                'each_ml' => $turn->eachMl,
                // of those that are poured from this cup
                'dripped_ml' => ($turn->coat->edge->drippedMl ?? 0.0) * $turn->count / $turn->coat->case->piece->quantity,
                'last_wipe_min' => $turn->coat->edge?->lastWipeMin(),
                'parts' => array_map(static fn (Part $part): array => ['colour' => $part->colour, 'share_pct' => $part->sharePct, 'laying' => $part->laying?->value], $turn->coat->case->coat->manner->parts),
            ], $result->turns),
        ];
    }

    /**
     * What the page of one cup shows besides: its clock beside other ways, and every way to measure it.
     *
     * @return array<string, mixed>
     */
    public static function cup(Evening $evening, BatchResult $result): array
    {
        $clock = CupClock::of($result);
        $compared = $clock?->compared() ?? [];
        $until = $compared === [] ? 0.0 : 1.25 * max($result->standing->emptiedMin, $compared['cup']->potLifeMin ?? 0.0, min(240.0, $compared['dish']->potLifeMin ?? 0.0));
        $vessel = $result->batch->in->vesselId === null ? null : $evening->plan->vessels[$result->batch->in->vesselId] ?? null;

        return [
            'until_min' => $until,
            'compared' => array_map(static fn (Standing $standing): array => [
                'plot' => $standing->plot($until),
                'pot_life_min' => $standing->potLifeMin,
                'hot_min' => $standing->hotMin,
                'peak_c' => $standing->run->peakC,
                'runs_away' => $standing->run->peakC > Heating::RUNAWAY_C,
                'emptied_c' => $standing->run->celsiusAt($result->standing->emptiedMin),
                'emptied_pa_s' => $standing->viscosityAt($result->standing->emptiedMin),
            ], $compared),
            'dish_mm' => $clock?->dishMm(),
            'waits' => $clock === null ? [] : array_map(static fn (float $paS): array => ['pa_s' => $paS, 'stays' => $paS >= CoatCase::STAYS_PA_S, 'wait' => $clock->waitFor($paS)], CupClock::WAITS_PA_S),
            'ways' => array_map(static fn (WayToMeasure $way): array => [
                'by' => $way->by->value,
                'step' => $way->step,
                'worst' => $way->error->worstPct,
                'likely' => $way->error->likelyPct,
                'densities' => $way->densitiesPct,
                'clings' => $way->clingsPct,
                'fills' => $way->fills === null ? null : ['a' => $way->fills->a, 'b' => $way->fills->b, 'ml' => $way->fills->ml, 'cup_ml' => $result->batch->measure->fillMl ?? EqualFills::USUAL_ML],
                'from_ml' => $result->mixed->portions->totalMl() * $way->error->measurableFrom,
            ], WayToMeasure::all(
                $result->mixed->portions,
                $result->batch->in->cup,
                new MeasuringTools(
                    $vessel->graduationMl ?? MeasuringTools::GRADUATION_ML,
                    MeasuringTools::RESOLUTION_G,
                    $result->batch->measure->fillMl ?? EqualFills::USUAL_ML,
                    $result->batch->measure->by === MeasuredBy::Fills ? $result->batch->measure->step->value ?? EqualFills::USUAL_STEP_ML : EqualFills::USUAL_STEP_ML,
                ),
                $evening->plan->studio->hands->residueFilmMm->value,
                $result->resin->weighedOffPct(),
            )),
            'tolerance_pct' => $result->resin->limits->ratioTolerancePct->value,
            'otherwise' => array_map(static fn (VolumeUnit $unit): array => ['unit' => $unit->value, 'a' => $result->mixed->portions->aMl / $unit->ml(), 'b' => $result->mixed->portions->bMl / $unit->ml()], self::OTHERWISE),
        ];
    }

    /** @return list<array{min: float, pieces: list<string>}> minutes after it is mixed */
    private static function wipeRounds(BatchResult $result): array
    {
        $due = array_map(static fn (Turn $turn): array => array_map(static fn (float $min): float => $turn->times->pouredMin + $min, $turn->coat->edge->wipesMin ?? []), $result->turns);

        return array_map(static fn (array $round): array => [
            'min' => $round['min'],
            'pieces' => array_map(static fn (int|string $turn): string => $result->turns[(int) $turn]->coat->case->piece->name, $round['pieces']),
        ], WipeRounds::of($due));
    }

    /** @return array{celsius: float, thinner: float, pot_life_min: float|null, pot_life_in_room_min: float|null, open_on_piece_min: float}|null */
    public static function bath(Evening $evening, BatchResult $result, float $celsius): ?array
    {
        $clock = CupClock::of($result);

        return $clock === null ? null : ['celsius' => $celsius, ...$clock->warmedTo($celsius)];
    }

    /** @return list<string> of mixing it, with what is stirred in */
    public static function cautions(BatchResult $result, Speaker $say): array
    {
        $colourants = array_merge(...array_map(static fn (Turn $turn): array => $turn->coat->case->colourants, $result->turns));

        return array_map($say->say(...), Caution::together(Caution::ofMixing($result->resin->family === ResinFamily::Polyester, false, $colourants)));
    }

    /** @return array<string, mixed>|null */
    private static function vessel(Evening $evening, BatchResult $result, Speaker $say): ?array
    {
        $sheet = $result->batch->in->vesselId === null ? null : $evening->plan->vessels[$result->batch->in->vesselId] ?? null;

        return $sheet === null ? null : [
            'id' => $sheet->id,
            'name' => $sheet->name,
            'height_mm' => $sheet->shape->heightMm,
            'capacity_ml' => $sheet->shape->capacityMl(),
            'stirrable_ml' => $sheet->shape->stirrableMl(),
            'graduation_ml' => $sheet->graduationMl,
            'weight_g' => $sheet->weightG,
            'afterwards' => $sheet->afterwards() === null ? null : $say->say($sheet->afterwards()),
            'profile' => self::profile($sheet->shape),
        ];
    }

    /** @return list<array{float, float}> inner radius and height, mm, from the floor to the brim */
    public static function profile(Vessel $vessel): array
    {
        $points = [[0.0, 0.0]];
        for ($at = 0; $at <= self::PROFILE_STEPS; $at++) {
            // closer at the floor, where it may be round
            $height = $vessel->heightMm * ($at / self::PROFILE_STEPS) ** 2;
            $points[] = [round($vessel->radiusMm($height), 3), round($height, 3)];
        }

        return $points;
    }

    /** @return array{first_mm: float, both_mm: float}|null */
    private static function lines(BatchResult $result): ?array
    {
        $cup = $result->batch->in->cup;
        if (! $cup instanceof Markable) {
            return null;
        }
        $mix = $result->mixed->portions;
        [$first, $second] = $result->resin->parts->firstPart === PartName::A ? [$mix->aMl, $mix->bMl] : [$mix->bMl, $mix->aMl];
        try {
            $lines = FillLines::of($cup, $first, $second);
        } catch (VesselException) {
            return null;
        }

        return ['first_mm' => $lines->firstMm, 'both_mm' => $lines->bothMm];
    }
}
