<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Trace;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Coating\Lift;
use OpenGlaze\Core\Message\Message;
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

        return new self($result->case->mixture(), $lift->mix, new Trace($prefix.'total', Message::of('traces.this_lift'), 'ml', $volume->totalMl(), Message::of('traces.what_is_poured_of_this_lift_what_its_cups'),
            'poured_ml + residue_ml + margin_ml', [
                TraceInput::computed('poured_ml', Message::of('traces.film_of_this_lift_with_what_climbs_and_soaks'), $volume->poured(), 'ml'),
                TraceInput::computed('residue_ml', Message::of('traces.cups'), $volume->residueMl, 'ml'),
                TraceInput::computed('margin_ml', Message::of('traces.margin'), $volume->marginMl, 'ml'),
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
            return new Trace('density', Message::of('traces.density_of_the_mix_title'), 'g/ml', $this->mixture->densityGMl(), Message::of('traces.part_as_since_a_few_per_cent_of_catalyst'), 'density_a', [$this->densityOf('a')]);
        }
        [$words, $expression] = $byVolume
            ? [Message::of('traces.densities_by_volume'), '(ratio_a * density_a + ratio_b * density_b) / (ratio_a + ratio_b)']
            : [Message::of('traces.weight_over_volume'), '(ratio_a + ratio_b) / (ratio_a / density_a + ratio_b / density_b)'];

        return new Trace('density', Message::of('traces.density_of_the_mix_title'), 'g/ml', $this->mixture->densityGMl(), $words, $expression,
            [...$this->ratio(), $this->densityOf('a'), $this->densityOf('b')]);
    }

    private function totalG(): Trace
    {
        if ($this->mix->totalG() === null) {
            return new Trace($this->prefix.'total_g', Message::of('traces.total_weight_title'), 'g', null, Message::of('traces.part_a_and_part_b_together_the_label_gives_no'), 'a_g + b_g', [
                TraceInput::computed('a_g', Message::of('traces.part_a'), $this->mix->aG, 'g', $this->prefix.'a_g'),
                TraceInput::computed('b_g', Message::of('traces.part_b'), NAN, 'g', $this->prefix.'b_g'),
            ]);
        }

        return new Trace($this->prefix.'total_g', Message::of('traces.total_weight_title'), 'g', $this->mix->totalG(), Message::of('traces.total_volume_times_density_of_the_mix'), 'total_ml * density', [
            TraceInput::computed('total_ml', Message::of('traces.total_to_mix'), $this->mix->totalMl(), 'ml', $this->prefix.'total'),
            TraceInput::computed('density', Message::of('traces.density_of_the_mix'), $this->mixture->densityGMl(), 'g/ml', 'density'),
        ]);
    }

    /** @return list<Trace> */
    private function volumeFirst(string $part, float $ml, ?float $g): array
    {
        $name = strtoupper($part);

        return [
            new Trace($this->prefix.$part.'_ml', Message::of('traces.part_by_volume', part: $name), 'ml', $ml, Message::of('traces.share_by_volume', part: $name),
                "total_ml * ratio_$part / (ratio_a + ratio_b)",
                [TraceInput::computed('total_ml', Message::of('traces.total_to_mix'), $this->mix->totalMl(), 'ml', $this->prefix.'total'), ...$this->ratio()]),
            new Trace($this->prefix.$part.'_g', Message::of('traces.part_by_weight', part: $name), 'g', $g, Message::of('traces.volume_times_density', part: $name),
                "{$part}_ml * density_$part",
                [TraceInput::computed($part.'_ml', Message::of('traces.part', part: $name), $ml, 'ml', $this->prefix.$part.'_ml'), $this->densityOf($part)]),
        ];
    }

    /** @return list<Trace> */
    private function weightFirst(string $part, float $ml, ?float $g): array
    {
        $name = strtoupper($part);

        return [
            new Trace($this->prefix.$part.'_g', Message::of('traces.part_by_weight', part: $name), 'g', $g, Message::of('traces.share_by_weight', part: $name),
                "total_g * ratio_$part / (ratio_a + ratio_b)",
                [TraceInput::computed('total_g', Message::of('traces.total_weight'), $this->mix->totalG() ?? NAN, 'g', $this->prefix.'total_g'), ...$this->ratio()]),
            new Trace($this->prefix.$part.'_ml', Message::of('traces.part_by_volume', part: $name), 'ml', $ml, Message::of('traces.weight_over_density', part: $name),
                "{$part}_g / density_$part",
                [TraceInput::computed($part.'_g', Message::of('traces.part', part: $name), $g ?? NAN, 'g', $this->prefix.$part.'_g'), $this->densityOf($part)]),
        ];
    }

    /** @return list<TraceInput> */
    private function ratio(): array
    {
        $ratio = $this->mixture->ratio;

        return [
            TraceInput::given('ratio_a', Message::of('traces.parts_of_a'), $ratio->a, '', Origin::Label),
            TraceInput::given('ratio_b', Message::of('traces.parts_of_b'), $ratio->b, '', Origin::Label),
        ];
    }

    private function densityOf(string $part): TraceInput
    {
        $mixture = $this->mixture;

        [$density, $typical] = $part === 'a' ? [$mixture->densityAGMl, $mixture->offA > 0] : [$mixture->densityBGMl ?? NAN, $mixture->offB > 0];

        return TraceInput::given('density_'.$part, Message::of('traces.density_of_part', part: strtoupper($part)), $density, 'g/ml', $typical ? Origin::Assumed : Origin::Label);
    }
}
