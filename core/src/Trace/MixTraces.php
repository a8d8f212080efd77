<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Trace;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Coating\Lift;
use OpenGlaze\Core\Mix\Portions;
use OpenGlaze\Core\Mix\RatioBy;
use OpenGlaze\Core\Quantity\Origin;

/** How the total is split into part A and part B. */
final readonly class MixTraces
{
    /**
     * @param  Lift|null  $lift  one pour of a deep coat; null for the whole coat
     * @param  string  $prefix  before the names of its figures
     */
    public function __construct(
        private CoatResult $result,
        private ?Lift $lift = null,
        private string $prefix = '',
    ) {
    }

    /** @return list<Trace> */
    public function all(): array
    {
        $mix = $this->mix();
        $byVolume = $this->result->case->mixture()->ratio->by === RatioBy::Volume;
        $traces = [...($this->lift === null ? [$this->density($byVolume)] : [$this->liftTotal($this->lift)]), $this->totalG()];
        foreach (['a' => [$mix->aMl, $mix->aG], 'b' => [$mix->bMl, $mix->bG]] as $part => [$ml, $g]) {
            array_push($traces, ...($byVolume ? $this->volumeFirst($part, $ml, $g) : $this->weightFirst($part, $ml, $g)));
        }

        return $traces;
    }

    private function mix(): Portions
    {
        return $this->lift->mix ?? $this->result->mix;
    }

    private function totalMl(): float
    {
        return $this->lift === null ? $this->result->volume->totalMl() : $this->lift->volume->totalMl();
    }

    private function liftTotal(Lift $lift): Trace
    {
        return new Trace($this->prefix.'total', 'This lift', 'ml', $lift->volume->totalMl(), 'what is poured of this lift, what its cups keep, and the margin on both',
            'poured_ml + residue_ml + margin_ml', [
                TraceInput::computed('poured_ml', 'film of this lift, with what climbs and soaks, less what stands in it', $lift->volume->poured(), 'ml'),
                TraceInput::computed('residue_ml', 'cups', $lift->volume->residueMl, 'ml'),
                TraceInput::computed('margin_ml', 'margin', $lift->volume->marginMl, 'ml'),
            ]);
    }

    private function density(bool $byVolume): Trace
    {
        if ($this->result->case->mixture()->densityBGMl === null) {
            return new Trace('density', 'Density of the mix', 'g/ml', $this->result->case->mixture()->densityGMl(), 'part A\'s, since a few per cent of catalyst hardly change it', 'density_a', [$this->densityOf('a')]);
        }
        [$words, $expression] = $byVolume
            ? ['the densities of both parts, weighted by their volumes', '(ratio_a * density_a + ratio_b * density_b) / (ratio_a + ratio_b)']
            : ['weight of both parts over their volume', '(ratio_a + ratio_b) / (ratio_a / density_a + ratio_b / density_b)'];

        return new Trace('density', 'Density of the mix', 'g/ml', $this->result->case->mixture()->densityGMl(), $words, $expression,
            [...$this->ratio(), $this->densityOf('a'), $this->densityOf('b')]);
    }

    private function totalG(): Trace
    {
        if ($this->mix()->totalG() === null) {
            return new Trace($this->prefix.'total_g', 'Total weight', 'g', null, 'part A and part B together; the label gives no density of part B', 'a_g + b_g', [
                TraceInput::computed('a_g', 'part A', $this->mix()->aG, 'g', $this->prefix.'a_g'),
                TraceInput::computed('b_g', 'part B', NAN, 'g', $this->prefix.'b_g'),
            ]);
        }

        return new Trace($this->prefix.'total_g', 'Total weight', 'g', $this->mix()->totalG(), 'total volume × density of the mix', 'total_ml * density', [
            TraceInput::computed('total_ml', 'total to mix', $this->totalMl(), 'ml', $this->prefix.'total'),
            TraceInput::computed('density', 'density of the mix', $this->result->case->mixture()->densityGMl(), 'g/ml', 'density'),
        ]);
    }

    /** @return list<Trace> */
    private function volumeFirst(string $part, float $ml, ?float $g): array
    {
        $name = strtoupper($part);

        return [
            new Trace($this->prefix.$part.'_ml', 'Part '.$name.' by volume', 'ml', $ml, "the total × part $name's share of the ratio, by volume",
                "total_ml * ratio_$part / (ratio_a + ratio_b)",
                [TraceInput::computed('total_ml', 'total to mix', $this->totalMl(), 'ml', $this->prefix.'total'), ...$this->ratio()]),
            new Trace($this->prefix.$part.'_g', 'Part '.$name.' by weight', 'g', $g, "volume of part $name × its density",
                "{$part}_ml * density_$part",
                [TraceInput::computed($part.'_ml', 'part '.$name, $ml, 'ml', $this->prefix.$part.'_ml'), $this->densityOf($part)]),
        ];
    }

    /** @return list<Trace> */
    private function weightFirst(string $part, float $ml, ?float $g): array
    {
        $name = strtoupper($part);

        return [
            new Trace($this->prefix.$part.'_g', 'Part '.$name.' by weight', 'g', $g, "the total weight × part $name's share of the ratio, by weight",
                "total_g * ratio_$part / (ratio_a + ratio_b)",
                [TraceInput::computed('total_g', 'total weight', $this->mix()->totalG() ?? NAN, 'g', $this->prefix.'total_g'), ...$this->ratio()]),
            new Trace($this->prefix.$part.'_ml', 'Part '.$name.' by volume', 'ml', $ml, "weight of part $name ÷ its density",
                "{$part}_g / density_$part",
                [TraceInput::computed($part.'_g', 'part '.$name, $g ?? NAN, 'g', $this->prefix.$part.'_g'), $this->densityOf($part)]),
        ];
    }

    /** @return list<TraceInput> */
    private function ratio(): array
    {
        $ratio = $this->result->case->mixture()->ratio;

        return [
            TraceInput::given('ratio_a', 'parts of A', $ratio->a, '', Origin::Label),
            TraceInput::given('ratio_b', 'parts of B', $ratio->b, '', Origin::Label),
        ];
    }

    private function densityOf(string $part): TraceInput
    {
        $mixture = $this->result->case->mixture();

        return TraceInput::given('density_'.$part, 'density of part '.strtoupper($part), $part === 'a' ? $mixture->densityAGMl : $mixture->densityBGMl ?? NAN, 'g/ml', Origin::Label);
    }
}
