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
use OpenGlaze\Core\Plan\PartName;
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
            ...(new MixTraces($mixture, $this->result->mix, $this->total()))->all(),
            $this->emptied(),
            $this->potLife(),
            ...$this->lines(),
            ...$this->ratio(),
            ...array_merge([], ...array_map($this->colour(...), $this->result->colours, array_keys($this->result->colours))),
        ];
    }

    private function total(): Trace
    {
        return new Trace('total', 'This batch', 'ml', $this->result->mix->totalMl(), 'what leaves the cup, what the cups keep, and the margin on both', 'poured_ml + residue_ml + margin_ml', [
            TraceInput::computed('poured_ml', 'what leaves the cup', $this->pouredMl(), 'ml', 'poured'),
            TraceInput::computed('residue_ml', 'what the cups keep', $this->result->residueMl, 'ml', 'residue'),
            TraceInput::computed('margin_ml', 'margin', $this->result->marginMl, 'ml', 'margin'),
        ]);
    }

    private function poured(): Trace
    {
        return new Trace('poured', 'What leaves the cup', 'ml', $this->pouredMl(), 'what each coat takes, without its own cups and margin', $this->sum('coat'), $this->perTurn('coat', 'ml',
            static fn (Turn $turn): float => $turn->pouredMl));
    }

    private function residue(): Trace
    {
        $colours = $this->result->colours;
        $inColours = array_sum(array_map(static fn (ColourShare $share): float => $share->residueMl, $colours));
        $expression = 'cups * each_ml';
        $inputs = [
            TraceInput::given('cups', 'mixing cups', $this->result->batch->cups, '', Origin::Entered),
            TraceInput::computed('each_ml', 'what the walls and floor of one keep', ($this->result->residueMl - $inColours) / $this->result->batch->cups, 'ml'),
        ];
        foreach ($colours as $at => $share) {
            $expression .= ' + colour_'.($at + 1);
            $inputs[] = TraceInput::computed('colour_'.($at + 1), sprintf('the walls of "%s"%s', $share->cup->name, $share->cup->smallCups === 0 ? '' : " and its {$share->cup->smallCups} small cups"), $share->residueMl, 'ml');
        }

        return new Trace('residue', 'What the cups keep', 'ml', $this->result->residueMl, 'the wetted wall and floor of every cup × the film that clings to it', $expression, $inputs,
            sprintf('The film is %s mm.', $this->studio->residueFilmMm->value));
    }

    private function margin(): Trace
    {
        return new Trace('margin', 'Margin', 'ml', $this->result->marginMl, 'a share of all that is poured and kept', '(poured_ml + residue_ml) * margin_pct / 100', [
            TraceInput::computed('poured_ml', 'what leaves the cup', $this->pouredMl(), 'ml', 'poured'),
            TraceInput::computed('residue_ml', 'what the cups keep', $this->result->residueMl, 'ml', 'residue'),
            TraceInput::sourced('margin_pct', 'margin', $this->studio->marginPct, '%'),
        ]);
    }

    private function emptied(): Trace
    {
        $given = $this->result->batch->emptiedMin;
        if ($given !== null) {
            return new Trace('emptied_min', 'Until it is empty', 'min', $given->value, 'as it was entered', 'emptied_min', [TraceInput::sourced('emptied_min', 'emptied after the mixing', $given, 'min')]);
        }

        return new Trace('emptied_min', 'Until it is empty', 'min', $this->result->emptiedMin, 'colouring, then laying every piece', 'colouring_min + '.$this->sum('laying'), [
            TraceInput::computed('colouring_min', sprintf('colours, %s min each', Hands::COLOUR_CUP_MIN), $this->result->colouringMin(), 'min'),
            ...$this->perTurn('laying', 'min', static fn (Turn $turn): float => $turn->toMin - $turn->fromMin),
        ], 'An estimate, until the studio\'s own pours say better.');
    }

    private function potLife(): Trace
    {
        return new Trace('pot_life_min', 'Pot life in this cup', 'min', $this->result->potLifeMin, 'how long until the mix, warmed by itself and cooled by the room, is as old as its open time', 'cup_age_to_minutes(open_min)', [
            TraceInput::sourced('open_min', 'open time of the label', $this->result->resin->openMin, 'min'),
        ], sprintf('Heat of reaction %s kJ/kg, followed step by step: a model to compare choices with, not a thermometer.', $this->result->heatKjKg === null ? 'unknown' : round($this->result->heatKjKg, 1)));
    }

    /** @return list<Trace> */
    private function lines(): array
    {
        $cup = $this->result->batch->cup;
        $mix = $this->result->mix;
        $name = $this->result->resin->firstPart;
        [$first, $second] = $name === PartName::A ? [$mix->aMl, $mix->bMl] : [$mix->bMl, $mix->aMl];
        if (! $cup instanceof Markable) {
            return [];
        }
        try {
            $lines = FillLines::of($cup, $first, $second);
        } catch (VesselException) {
            return [];
        }
        $one = TraceInput::computed('first_ml', 'part '.strtoupper($name->value), $first, 'ml', $name->value.'_ml');
        $other = TraceInput::computed('second_ml', 'part '.strtoupper($name->other()->value), $second, 'ml', $name->other()->value.'_ml');

        return [
            new Trace('first_mm', 'The first pen line', 'mm', $lines->firstMm, 'how high the first part stands in this vessel, from its inside floor', 'cup_height(first_ml)', [$one]),
            new Trace('both_mm', 'The second pen line', 'mm', $lines->bothMm, 'how high both parts stand in this vessel, from its inside floor', 'cup_height(first_ml + second_ml)', [$one, $other]),
        ];
    }

    /** @return list<Trace> */
    private function ratio(): array
    {
        $error = $this->result->ratioError;
        $by = $this->result->batch->measuredBy;
        if ($error === null || $by === null) {
            return [];
        }
        $unit = $by->isByVolume() ? 'ml' : 'g';
        $amounts = [TraceInput::computed('first', 'the first part', $error->first, $unit), TraceInput::computed('second', 'the second part', $error->second, $unit)];

        return [
            new Trace('ratio_likely', 'How far the ratio is likely off', '%', $error->likelyPct, 'twice the standard deviation of both readings, added as squares', '200 * sqrt((first_spread / first) ** 2 + (second_spread / second) ** 2)', [
                ...$amounts,
                TraceInput::computed('first_spread', 'spread of the first reading, half a step ÷ √3', $error->firstSpread, $unit),
                TraceInput::computed('second_spread', 'spread of the second', $error->secondSpread, $unit),
            ], $this->unmeasured($error)),
            new Trace('ratio_worst', 'How far the ratio is off at worst', '%', $error->worstPct, 'the first part too large and the second too small by all that cannot be read', '100 * ((first + first_off) / (second - second_off) * second / first - 1)', [
                ...$amounts,
                TraceInput::computed('first_off', 'what cannot be read of the first', $error->firstOff, $unit),
                TraceInput::computed('second_off', 'what cannot be read of the second', $error->secondOff, $unit),
            ], $this->unmeasured($error)),
        ];
    }

    private function unmeasured(RatioError $error): string
    {
        return $error->likelyPct === null ? 'The second part is no larger than what cannot be read of it: it cannot be measured so.' : '';
    }

    /** @return list<Trace> */
    private function colour(ColourShare $share, int $at): array
    {
        $figure = 'colour_'.($at + 1);
        $expression = [];
        $inputs = [TraceInput::computed('resin_ml', sprintf('mixed resin in "%s"', $share->cup->name), $share->resinMl, 'ml')];
        foreach ($share->doses as $number => $dose) {
            if (! $dose->colourant->isColour()) {
                continue;
            }
            $expression[] = 'dose_'.($number + 1);
            $inputs[] = TraceInput::computed('dose_'.($number + 1), $dose->colourant->name, $dose->ml(), 'ml');
        }

        return [new Trace($figure.'_pct', sprintf('Colour in "%s"', $share->cup->name), '%', $share->colourantPct(), 'all colourants by volume, of the mixed resin; fillers do not count',
            $expression === [] ? '0 * resin_ml' : '100 * ('.implode(' + ', $expression).') / resin_ml', $inputs,
            sprintf('%s takes %s %%%s.', $this->result->resin->name, $this->result->resin->colourantLimitPct->value, $this->result->resin->colourantLimitPct->isAssumed() ? ', which is assumed' : ''))];
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
            sprintf('%d %s, %s', $turn->count, $turn->coat->case->piece->name, $turn->coat->case->coat->kind->value),
            $of($turn),
            $unit,
        ), $this->result->turns, array_keys($this->result->turns));
    }
}
