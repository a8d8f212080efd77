<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Trace;

use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Batch\ColourShare;
use OpenGlaze\Core\Batch\Hands;
use OpenGlaze\Core\Batch\Turn;
use OpenGlaze\Core\Measuring\FillLines;
use OpenGlaze\Core\Measuring\Markable;
use OpenGlaze\Core\Measuring\RatioError;
use OpenGlaze\Core\Measuring\VesselException;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Plan\PartName;
use OpenGlaze\Core\Plan\Pouring;
use OpenGlaze\Core\Plan\Studio;
use OpenGlaze\Core\Quantity\Origin;

/** How the figures of one batch came about. */
final readonly class BatchTraces
{
    public function __construct(
        private BatchResult $result,
        private Studio $studio,
    ) {
    }

    /** @return list<Trace> */
    public function all(): array
    {
        $mixture = $this->result->turns[0]->coat->case->mixture();

        return [
            $this->poured(),
            $this->residue(),
            $this->margin(),
            ...(new MixTraces($mixture, $this->result->mixed->portions, $this->total()))->all(),
            $this->emptied(),
            $this->potLife(),
            ...$this->lines(),
            ...$this->ratio(),
            ...array_merge([], ...array_map($this->colour(...), $this->result->coloured->shares, array_keys($this->result->coloured->shares))),
        ];
    }

    private function total(): Trace
    {
        return new Trace('total', Message::of('traces.this_batch'), 'ml', $this->result->mixed->portions->totalMl(), Message::of('traces.what_leaves_the_cup_what_the_cups_keep_and'), 'poured_ml + residue_ml + margin_ml', [
            TraceInput::computed('poured_ml', Message::of('traces.what_leaves_the_cup'), $this->pouredMl(), 'ml', 'poured'),
            TraceInput::computed('residue_ml', Message::of('traces.what_the_cups_keep'), $this->result->mixed->residueMl, 'ml', 'residue'),
            TraceInput::computed('margin_ml', Message::of('traces.margin'), $this->result->mixed->marginMl, 'ml', 'margin'),
        ]);
    }

    private function poured(): Trace
    {
        return new Trace('poured', Message::of('traces.what_leaves_the_cup_title'), 'ml', $this->pouredMl(), Message::of('traces.what_each_coat_takes_without_its_own_cups_and'), $this->sum('coat'), $this->perTurn('coat', 'ml',
            static fn (Turn $turn): float => $turn->pouredMl));
    }

    private function residue(): Trace
    {
        $colours = $this->result->coloured->shares;
        $inColours = array_sum(array_map(static fn (ColourShare $share): float => $share->residueMl, $colours));
        $expression = 'cups * each_ml';
        $inputs = [
            TraceInput::given('cups', Message::of('traces.mixing_cups'), $this->result->batch->in->cups, '', Origin::Entered),
            TraceInput::computed('each_ml', Message::of('traces.what_the_walls_and_floor_of_one_keep'), ($this->result->mixed->residueMl - $inColours) / $this->result->batch->in->cups, 'ml'),
        ];
        foreach ($colours as $at => $share) {
            $expression .= ' + colour_'.($at + 1);
            $inputs[] = TraceInput::computed('colour_'.($at + 1), Message::of($share->cup->smallCups === 0 ? 'traces.walls_of_cup' : 'traces.walls_of_cup_and_small_cups', cup: $share->cup->name, count: $share->cup->smallCups), $share->residueMl, 'ml');
        }

        return new Trace('residue', Message::of('traces.what_the_cups_keep_title'), 'ml', $this->result->mixed->residueMl, Message::of('traces.the_wetted_wall_and_floor_of_every_cup_times'), $expression, $inputs,
            Message::of('traces.residue_film', film: Measure::thickness($this->studio->hands->residueFilmMm->value)));
    }

    private function margin(): Trace
    {
        return new Trace('margin', Message::of('traces.margin_title'), 'ml', $this->result->mixed->marginMl, Message::of('traces.a_share_of_all_that_is_poured_and_kept'), '(poured_ml + residue_ml) * margin_pct / 100', [
            TraceInput::computed('poured_ml', Message::of('traces.what_leaves_the_cup'), $this->pouredMl(), 'ml', 'poured'),
            TraceInput::computed('residue_ml', Message::of('traces.what_the_cups_keep'), $this->result->mixed->residueMl, 'ml', 'residue'),
            TraceInput::sourced('margin_pct', Message::of('traces.margin'), $this->studio->hands->marginPct, '%'),
        ]);
    }

    private function emptied(): Trace
    {
        $given = $this->result->batch->in->emptiedMin;
        if ($given !== null) {
            return new Trace('emptied_min', Message::of('traces.until_it_is_empty'), 'min', $given->value, Message::of('traces.as_it_was_entered'), 'emptied_min', [TraceInput::sourced('emptied_min', Message::of('traces.emptied_after_the_mixing'), $given, 'min')]);
        }

        $isTogether = $this->result->timing->pouring === Pouring::Together;

        return new Trace('emptied_min', Message::of('traces.until_it_is_empty'), 'min', $this->result->standing->emptiedMin, $isTogether ? Message::of('traces.colouring_then_pouring_every_piece') : Message::of('traces.colouring_then_laying_every_piece'), 'colouring_min + '.$this->sum($isTogether ? 'pouring' : 'laying'), [
            TraceInput::computed('colouring_min', Message::of('traces.colours_each', each: Measure::minutes(Hands::COLOUR_CUP_MIN)), $this->result->colouringMin(), 'min'),
            ...$isTogether
                ? $this->perTurn('pouring', 'min', static fn (Turn $turn): float => $turn->times->pouredMin - $turn->times->fromMin)
                : $this->perTurn('laying', 'min', static fn (Turn $turn): float => $turn->times->spreadMin - $turn->times->fromMin),
        ], Message::of('traces.an_estimate_until_the_studios_own_pours_say'));
    }

    private function potLife(): Trace
    {
        $label = $this->result->resin->times->potLifeMin;
        if ($this->result->standing->run === null && $label !== null) {
            return new Trace('pot_life_min', Message::of('traces.pot_life_in_this_cup'), 'min', $this->result->standing->potLifeMin, Message::of('traces.as_its_label_prints_it'), 'pot_life_label_min', [
                TraceInput::sourced('pot_life_label_min', Message::of('traces.on_the_label'), $label, 'min'),
            ], Message::of('traces.heat_unknown'));
        }

        return new Trace('pot_life_min', Message::of('traces.pot_life_in_this_cup'), 'min', $this->result->standing->potLifeMin, Message::of('traces.how_long_until_the_mix_warmed_by_itself_and'), 'cup_age_to_minutes(open_min)', [
            TraceInput::sourced('open_min', Message::of('traces.open_time_of_the_label'), $this->result->resin->times->openMin, 'min'),
        ], $this->result->standing->heatKjKg === null ? Message::of('traces.heat_unknown') : Message::of('traces.heat_followed', heat: Measure::number($this->result->standing->heatKjKg, 1)));
    }

    /** @return list<Trace> */
    private function lines(): array
    {
        $cup = $this->result->batch->in->cup;
        $mix = $this->result->mixed->portions;
        $name = $this->result->resin->parts->firstPart;
        [$first, $second] = $name === PartName::A ? [$mix->aMl, $mix->bMl] : [$mix->bMl, $mix->aMl];
        if (! $cup instanceof Markable) {
            return [];
        }
        try {
            $lines = FillLines::of($cup, $first, $second);
        } catch (VesselException) {
            return [];
        }
        $one = TraceInput::computed('first_ml', Message::of('traces.part', part: strtoupper($name->value)), $first, 'ml', $name->value.'_ml');
        $other = TraceInput::computed('second_ml', Message::of('traces.part', part: strtoupper($name->other()->value)), $second, 'ml', $name->other()->value.'_ml');

        return [
            new Trace('first_mm', Message::of('traces.the_first_pen_line'), 'mm', $lines->firstMm, Message::of('traces.how_high_the_first_part_stands_in_this_vessel'), 'cup_height(first_ml)', [$one]),
            new Trace('both_mm', Message::of('traces.the_second_pen_line'), 'mm', $lines->bothMm, Message::of('traces.how_high_both_parts_stand_in_this_vessel_from'), 'cup_height(first_ml + second_ml)', [$one, $other]),
        ];
    }

    /** @return list<Trace> */
    private function ratio(): array
    {
        $error = $this->result->mixed->ratioError;
        $by = $this->result->batch->measure->by;
        if ($error === null || $by === null) {
            return [];
        }
        $unit = $by->isByVolume() ? 'ml' : 'g';
        $ratio = TraceInput::computed('ratio', Message::of('traces.what_the_second_over_the_first_should_be'), $error->ratio, '');
        $amounts = [TraceInput::computed('first', Message::of('traces.the_first_part'), $error->first, $unit), TraceInput::computed('second', Message::of('traces.the_second_part'), $error->second, $unit)];

        return [
            new Trace('ratio_likely', Message::of('traces.how_far_the_ratio_is_likely_off'), '%', $error->likelyPct, Message::of('traces.twice_the_standard_deviation_of_both_readings'), '200 * sqrt((first_spread / first) ** 2 + (second_spread / second) ** 2) + 100 * max(second / first / ratio - 1, 1 - second / first / ratio)', [
                ...$amounts, $ratio,
                TraceInput::computed('first_spread', Message::of('traces.spread_of_the_first_reading_half_a_step_over'), $error->firstSpread, $unit),
                TraceInput::computed('second_spread', Message::of('traces.spread_of_the_second'), $error->secondSpread, $unit),
            ], $this->unmeasured($error)),
            new Trace('ratio_worst', Message::of('traces.how_far_the_ratio_is_off_at_worst'), '%', $error->worstPct, Message::of('traces.the_first_part_too_large_and_the_second_too'), '100 * (max((first + first_off) / (second - second_off) * ratio, (second + second_off) / (first - first_off) / ratio) - 1)', [
                ...$amounts, $ratio,
                TraceInput::computed('first_off', Message::of('traces.what_cannot_be_read_of_the_first'), $error->firstOff, $unit),
                TraceInput::computed('second_off', Message::of('traces.what_cannot_be_read_of_the_second'), $error->secondOff, $unit),
            ], $this->unmeasured($error)),
        ];
    }

    private function unmeasured(RatioError $error): ?Message
    {
        return $error->likelyPct === null ? Message::of('traces.unmeasured') : null;
    }

    /** @return list<Trace> */
    private function colour(ColourShare $share, int $at): array
    {
        $figure = 'colour_'.($at + 1);
        $expression = [];
        $inputs = [TraceInput::computed('resin_ml', Message::of('traces.mixed_resin_in', cup: $share->cup->name), $share->resinMl, 'ml')];
        foreach ($share->doses as $number => $dose) {
            if (! $dose->colourant->isColour()) {
                continue;
            }
            $expression[] = 'dose_'.($number + 1);
            $inputs[] = TraceInput::computed('dose_'.($number + 1), Message::of('traces.named', name: $dose->colourant->name), $dose->ml(), 'ml');
        }

        return [new Trace($figure.'_pct', Message::of('traces.colour_in', cup: $share->cup->name), '%', $share->colourantPct(), Message::of('traces.all_colourants_by_volume_of_the_mixed_resin'),
            $expression === [] ? '0 * resin_ml' : '100 * ('.implode(' + ', $expression).') / resin_ml', $inputs,
            Message::of($this->result->resin->limits->colourantLimitPct->isAssumed() ? 'traces.takes_assumed' : 'traces.takes', resin: $this->result->resin->name, takes: Measure::percent($this->result->resin->limits->colourantLimitPct->value, 2)))];
    }

    private function pouredMl(): float
    {
        return array_sum(array_map(static fn (Turn $turn): float => $turn->pouredMl, $this->result->turns));
    }

    private function sum(string $symbol): string
    {
        return implode(' + ', array_map(static fn (int $at): string => $symbol.'_'.($at + 1), array_keys($this->result->turns)));
    }

    /**
     * @param  callable(Turn): float  $of
     * @return list<TraceInput>
     */
    private function perTurn(string $symbol, string $unit, callable $of): array
    {
        return array_map(static fn (Turn $turn, int $at): TraceInput => TraceInput::computed(
            $symbol.'_'.($at + 1),
            Message::of('traces.turn', count: $turn->count, piece: $turn->coat->case->piece->name, kind: Message::named('kinds', $turn->coat->case->coat->kind)),
            $of($turn),
            $unit,
        ), $this->result->turns, array_keys($this->result->turns));
    }
}
