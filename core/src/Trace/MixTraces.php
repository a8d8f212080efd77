<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Trace;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Coating\Lift;
use OpenGlaze\Core\Mix\Mixture;
use OpenGlaze\Core\Mix\Portions;
use OpenGlaze\Core\Mix\RatioBy;
use OpenGlaze\Core\Quantity\Origin;

/** How the total is split into part A and part B. */
final readonly class MixTraces
{
    /**
     * @param  Trace|null  $total  how the total came about, where these figures are not a coat's own
     * @param  string  $prefix  before the names of the figures
     */
    public function __construct(
        private Mixture $mixture,
        private Portions $mix,
        private ?Trace $total = null,
        private string $prefix = '',
    ) {
    }

    public static function ofCoat(CoatResult $result): self
    {
        return new self($result->case->mixture(), $result->mix);
    }

    /** @param  string  $prefix  before the names of its figures */
    public static function ofLift(CoatResult $result, Lift $lift, string $prefix): self
    {
        $volume = $lift->volume;

        return new self($result->case->mixture(), $lift->mix, new Trace($prefix.'total', 'This lift', 'ml', $volume->totalMl(), 'what is poured of this lift, what its cups keep, and the margin on both',
            'poured_ml + residue_ml + margin_ml', [
                TraceInput::computed('poured_ml', 'film of this lift, with what climbs and soaks, less what stands in it', $volume->poured(), 'ml'),
                TraceInput::computed('residue_ml', 'cups', $volume->residueMl, 'ml'),
                TraceInput::computed('margin_ml', 'margin', $volume->marginMl, 'ml'),
            ]), $prefix);
    }

    /** @return list<Trace> */
    public function all(): array
    {
        $mix = $this->mix;
        $byVolume = $this->mixture->ratio->by === RatioBy::Volume;
        $traces = [...($this->total === null ? [] : [$this->total]), ...($this->prefix === '' ? [$this->density($byVolume)] : []), $this->totalG()];
        foreach (['a' => [$mix->aMl, $mix->aG], 'b' => [$mix->bMl, $mix->bG]] as $part => [$ml, $g]) {
            array_push($traces, ...($byVolume ? $this->volumeFirst($part, $ml, $g) : $this->weightFirst($part, $ml, $g)));
        }

        return $traces;
    }

    private function density(bool $byVolume): Trace
    {
        if ($this->mixture->densityBGMl === null) {
            return new Trace('density', 'Density of the mix', 'g/ml', $this->mixture->densityGMl(), 'part A\'s, since a few per cent of catalyst hardly change it', 'density_a', [$this->densityOf('a')]);
        }
        [$words, $expression] = $byVolume
            ? ['the densities of both parts, weighted by their volumes', '(ratio_a * density_a + ratio_b * density_b) / (ratio_a + ratio_b)']
            : ['weight of both parts over their volume', '(ratio_a + ratio_b) / (ratio_a / density_a + ratio_b / density_b)'];

        return new Trace('density', 'Density of the mix', 'g/ml', $this->mixture->densityGMl(), $words, $expression,
            [...$this->ratio(), $this->densityOf('a'), $this->densityOf('b')]);
    }

    private function totalG(): Trace
    {
        if ($this->mix->totalG() === null) {
            return new Trace($this->prefix.'total_g', 'Total weight', 'g', null, 'part A and part B together; the label gives no density of part B', 'a_g + b_g', [
                TraceInput::computed('a_g', 'part A', $this->mix->aG, 'g', $this->prefix.'a_g'),
                TraceInput::computed('b_g', 'part B', NAN, 'g', $this->prefix.'b_g'),
            ]);
        }

        return new Trace($this->prefix.'total_g', 'Total weight', 'g', $this->mix->totalG(), 'total volume × density of the mix', 'total_ml * density', [
            TraceInput::computed('total_ml', 'total to mix', $this->mix->totalMl(), 'ml', $this->prefix.'total'),
            TraceInput::computed('density', 'density of the mix', $this->mixture->densityGMl(), 'g/ml', 'density'),
        ]);
    }

    /** @return list<Trace> */
    private function volumeFirst(string $part, float $ml, ?float $g): array
    {
        $name = strtoupper($part);

        return [
            new Trace($this->prefix.$part.'_ml', 'Part '.$name.' by volume', 'ml', $ml, "the total × part $name's share of the ratio, by volume",
                "total_ml * ratio_$part / (ratio_a + ratio_b)",
                [TraceInput::computed('total_ml', 'total to mix', $this->mix->totalMl(), 'ml', $this->prefix.'total'), ...$this->ratio()]),
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
                [TraceInput::computed('total_g', 'total weight', $this->mix->totalG() ?? NAN, 'g', $this->prefix.'total_g'), ...$this->ratio()]),
            new Trace($this->prefix.$part.'_ml', 'Part '.$name.' by volume', 'ml', $ml, "weight of part $name ÷ its density",
                "{$part}_g / density_$part",
                [TraceInput::computed($part.'_g', 'part '.$name, $g ?? NAN, 'g', $this->prefix.$part.'_g'), $this->densityOf($part)]),
        ];
    }

    /** @return list<TraceInput> */
    private function ratio(): array
    {
        $ratio = $this->mixture->ratio;

        return [
            TraceInput::given('ratio_a', 'parts of A', $ratio->a, '', Origin::Label),
            TraceInput::given('ratio_b', 'parts of B', $ratio->b, '', Origin::Label),
        ];
    }

    private function densityOf(string $part): TraceInput
    {
        $mixture = $this->mixture;

        [$density, $typical] = $part === 'a' ? [$mixture->densityAGMl, $mixture->offA > 0] : [$mixture->densityBGMl ?? NAN, $mixture->offB > 0];

        return TraceInput::given('density_'.$part, 'density of part '.strtoupper($part), $density, 'g/ml', $typical ? Origin::Assumed : Origin::Label);
    }
}
