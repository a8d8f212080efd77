<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Trace;

use OpenGlaze\Core\Coating\CoatCase;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Film\Drift;
use OpenGlaze\Core\Film\Levelling;
use OpenGlaze\Core\Heat\Curing;
use OpenGlaze\Core\Quantity\Origin;
use OpenGlaze\Core\Quantity\Physics;

/** How the film flows, levels and lets its bubbles go. */
final readonly class FilmTraces
{
    /** γk⁴ + ρgk² of a ripple whose length is ripple_mm. */
    private const PULL = '(tension * (2000 * pi / ripple_mm) ** 4 + density * 1000 * gravity * (2000 * pi / ripple_mm) ** 2)';

    private FilmInputs $inputs;

    public function __construct(private CoatResult $result)
    {
        $this->inputs = new FilmInputs($result);
    }

    /** @return list<Trace> */
    public function all(): array
    {
        $film = $this->result->film;

        return [
            $this->rate(),
            $this->viscosity(),
            new Trace('open_min', 'Open time left', 'min', $film->openMin,
                'open time on the label less the age at the pour, at the room\'s pace',
                $this->inputs->minutesToAge('open_label_min'), [$this->inputs->openLabel(), ...$this->inputs->forAge()], $this->inputs->note()),
            $this->mobility(),
            $this->thinnest(),
            ...$this->placed(),
            ...($this->result->case->flowing() === null ? [] : $this->ofTheFilm()),
        ];
    }

    /**
     * What hangs on the film's depth.
     *
     * @return list<Trace>
     */
    private function ofTheFilm(): array
    {
        $film = $this->result->film;

        return [
            $this->levelsUpTo(),
            $this->settle(),
            $this->smallestBubble(),
            $this->rise(100, $film->rise100Min),
            $this->rise(50, $film->rise50Min),
            $this->rise(30, $film->rise30Min),
            ...($this->result->case->face->longestMm === null ? [] : [$this->drift(), $this->levelWithin()]),
            ...$this->peak(),
            ...$this->relief(),
        ];
    }

    private function rate(): Trace
    {
        $case = $this->result->case;

        return new Trace('rate', 'How fast it sets here', '× the label', $this->result->film->rate,
            'the rate law of Arrhenius: about twice as fast for 10 °C more',
            'exp(activation_kj_mol * 1000 / gas_constant * (1 / (reference_c + 273.15) - 1 / (temperature_c + 273.15)))',
            [
                $this->inputs->temperature(),
                TraceInput::sourced('reference_c', 'temperature that the label\'s times are for', $case->resin->referenceC, '°C'),
                TraceInput::sourced('activation_kj_mol', 'activation energy of the setting', $case->resin->activationKjMol ?? $case->studio->activationKjMol, 'kJ/mol'),
                TraceInput::constant('gas_constant', 'gas constant', Physics::GAS_CONSTANT_J_MOL_K, 'J/(mol K)'),
            ]);
    }

    private function viscosity(): Trace
    {
        $case = $this->result->case;

        return new Trace('viscosity_pa_s', 'Viscosity at the pour', 'Pa·s', $this->result->film->viscosityPaS,
            'the label\'s viscosity at the room\'s temperature, ten times as thick after the open time',
            'viscosity_label * exp(flow_activation_kj_mol * 1000 / gas_constant * (1 / (temperature_c + 273.15) - 1 / (viscosity_at_c + 273.15))) * 10 ** (age_min / open_label_min)',
            [
                TraceInput::sourced('viscosity_label', 'viscosity on the label', $case->resin->viscosityPaS, 'Pa·s'),
                TraceInput::sourced('viscosity_at_c', 'at', $case->resin->viscosityAtC, '°C'),
                $this->inputs->temperature(),
                TraceInput::sourced('flow_activation_kj_mol', 'activation energy of the flow', $case->resin->flowActivationKjMol ?? $case->studio->flowActivationKjMol, 'kJ/mol'),
                $this->inputs->ageAtPour(),
                $this->inputs->openLabel(),
                TraceInput::constant('gas_constant', 'gas constant', Physics::GAS_CONSTANT_J_MOL_K, 'J/(mol K)'),
            ]);
    }

    private function mobility(): Trace
    {
        $words = 'how long the film flows, over how thick it is while it does';
        if (! $this->inputs->isSteady()) {
            return new Trace('mobility', 'All the flow that the film will do', 'm·s/kg', $this->result->film->mobility, $words, 'mobility_in_the_end()', [], $this->inputs->note());
        }

        return new Trace('mobility', 'All the flow that the film will do', 'm·s/kg', $this->result->film->mobility, $words,
            'open_label_min * 60 / (ln(10) * rate * viscosity) * (1 - 10 ** (age_min / open_label_min - 4))', [...$this->inputs->forMobility(), $this->inputs->ageAtPour()]);
    }

    private function levelsUpTo(): Trace
    {
        $needed = '9 / ((thickness_mm / 1000) ** 3 * mobility)';
        $weight = 'density * 1000 * gravity';

        return new Trace('levels_up_to_mm', 'Levels ripples up to', 'mm', $this->result->film->levelsUpToMm,
            'the longest ripple of which tension and weight take 95 % away while the film flows',
            "2000 * pi / sqrt(2 * $needed / ($weight + sqrt(($weight) ** 2 + 4 * tension * $needed)))",
            [$this->inputs->thickness(), $this->inputs->mobility(), $this->inputs->density(), $this->inputs->tension(), $this->inputs->gravity()]);
    }

    private function thinnest(): Trace
    {
        return new Trace('thinnest_mm', 'Thinnest film that levels', 'mm', $this->result->film->thinnestMm,
            'the film in which marks of this tool are 95 % gone when it stops flowing',
            '1000 * (9 / ('.self::PULL.' * mobility)) ** (1 / 3)',
            [
                TraceInput::sourced('ripple_mm', 'width of the tool\'s marks', $this->result->case->coat->markMm, 'mm'),
                $this->inputs->mobility(), $this->inputs->density(), $this->inputs->tension(), $this->inputs->gravity(),
            ]);
    }

    private function settle(): Trace
    {
        return new Trace('settle_min', 'Settled after', 'min', $this->result->film->settleMin,
            'when a ripple 100 mm wide is 95 % gone: judge the fill then, not sooner',
            $this->inputs->minutesToMobility('9 / ((thickness_mm / 1000) ** 3 * '.self::PULL.')'),
            [
                $this->inputs->thickness(),
                TraceInput::constant('ripple_mm', 'ripple', Levelling::SETTLING_RIPPLE_MM, 'mm'),
                $this->inputs->density(), $this->inputs->tension(), $this->inputs->gravity(), ...$this->inputs->forMobility(),
            ], $this->inputs->note());
    }

    private function smallestBubble(): Trace
    {
        return new Trace('smallest_bubble_um', 'Smallest bubble that escapes', 'µm radius', $this->result->film->smallestBubbleUm,
            'the radius that rises through the film before it stops flowing, after Stokes',
            '1000000 * sqrt(9 * thickness_mm / 1000 / (2 * density * 1000 * gravity * mobility))',
            [$this->inputs->thickness(), $this->inputs->density(), $this->inputs->gravity(), $this->inputs->mobility()]);
    }

    private function rise(int $radiusUm, ?float $min): Trace
    {
        return new Trace('rise_'.$radiusUm.'_min', sprintf('Bubbles of %d µm radius are out after', $radiusUm), 'min', $min,
            'when they have risen through the film, after Stokes',
            $this->inputs->minutesToMobility('9 * thickness_mm / 1000 / (2 * density * 1000 * gravity * (radius_um / 1000000) ** 2)'),
            [
                $this->inputs->thickness(),
                TraceInput::constant('radius_um', 'bubble radius', $radiusUm, 'µm'),
                $this->inputs->density(), $this->inputs->gravity(), ...$this->inputs->forMobility(),
            ], $this->inputs->note());
    }

    /** @return list<Trace> */
    private function placed(): array
    {
        $times = $this->result->case->placedMin();
        if ($times === null) {
            return [];
        }
        $trace = fn (string $figure, string $label, float $min, float $paS, string $words): Trace => $this->inputs->isSteady()
            ? new Trace($figure, $label, 'min', $min, $words, 'max(0, open_label_min / rate * log10(wanted_pa_s / viscosity))', [
                $this->inputs->openLabel(), $this->inputs->rate(), TraceInput::constant('wanted_pa_s', 'wanted', $paS, 'Pa·s'), $this->inputs->viscosity(),
            ])
            : new Trace($figure, $label, 'min', $min, $words, 'viscosity_to_minutes(wanted_pa_s)', [TraceInput::constant('wanted_pa_s', 'wanted', $paS, 'Pa·s')], $this->inputs->note());

        return [
            $trace('placed_from_min', 'It stays where it is placed from', $times[0], CoatCase::STAYS_PA_S, 'when it is as thick as a syrup that stands'),
            $trace('placed_to_min', 'It drags threads from', $times[1], CoatCase::THREADS_PA_S, 'when it is too thick to be laid'),
        ];
    }

    /** @return list<Trace> */
    private function peak(): array
    {
        $case = $this->result->case;
        if ($case->selfHeating === null || $case->peakC() === null) {
            return [];
        }

        return [new Trace('peak_c', 'It warms itself to', '°C', $case->peakC(),
            'the heat of the reaction less what the film loses, followed until it cools: an estimate to compare with, not a thermometer',
            $case->isLump() ? 'lump_peak(lump_ml, density, heat_kj_kg, heat_capacity)' : 'layer_peak(deepest_mm, density, heat_kj_kg, heat_capacity)',
            [
                $case->isLump()
                    ? TraceInput::computed('lump_ml', 'what is poured into one, as deep as wide', $case->sized->filmMl, 'ml')
                    : TraceInput::computed('deepest_mm', 'its deepest place', $case->deepestMm() ?? NAN, 'mm'),
                $this->inputs->density(),
                TraceInput::given('heat_kj_kg', 'heat of the reaction', $case->selfHeating->inCup()->heatKjKg, 'kJ/kg', $case->resin->heatKjKg === null ? ($case->selfHeating->inCup()->heatKjKg === Curing::HEAT_KJ_KG ? Origin::Assumed : Origin::Computed) : Origin::Label),
                TraceInput::sourced('heat_capacity', 'heat capacity', $case->resin->heatCapacityJKgK, 'J/(kg K)'),
            ])];
    }

    /** @return list<Trace> */
    private function relief(): array
    {
        $relief = $this->result->case->coat->reliefMm;

        return $relief === null ? [] : [new Trace('stays_on_relief_mm', 'Stays on the slopes', 'mm', $this->result->case->staysOnReliefMm(),
            'what a slope of this height keeps when the film has stopped flowing, after Jeffreys',
            '1000 * 2 / 3 * sqrt(relief_mm / 1000 / (density * 1000 * gravity * mobility))',
            [TraceInput::sourced('relief_mm', 'height of the relief', $relief, 'mm'), $this->inputs->density(), $this->inputs->gravity(), $this->inputs->mobility()])];
    }

    private function drift(): Trace
    {
        $flow = 'density * 1000 * gravity * (thickness_mm / 1000) ** 3 * mobility * 2 / (3 * longest_mm / 1000)';

        return new Trace('drift_mm', 'Drift to the low side', 'mm', $this->result->film->driftMm,
            'what flows downhill, at most until it is level; end to end the film differs by twice that',
            "slope_mm_per_m * min(longest_mm / 1000 / 2, $flow)",
            [TraceInput::sourced('slope_mm_per_m', 'slope of the bench', $this->result->case->studio->slopeMmPerM, 'mm/m'), ...$this->slopeInputs()]);
    }

    private function levelWithin(): Trace
    {
        $flow = 'density * 1000 * gravity * (thickness_mm / 1000) ** 3 * mobility * 2 / (3 * longest_mm / 1000)';

        return new Trace('level_within_mm_per_m', 'Level it to', 'mm/m', $this->result->film->levelWithinMmPerM,
            'the slope at which the film differs by 0.05 mm end to end',
            "end_to_end_mm / 2 / min(longest_mm / 1000 / 2, $flow)",
            [TraceInput::constant('end_to_end_mm', 'difference end to end', Drift::WANTED_END_TO_END_MM, 'mm'), ...$this->slopeInputs()]);
    }

    /** @return list<TraceInput> */
    private function slopeInputs(): array
    {
        return [
            TraceInput::given('longest_mm', 'longest side', $this->result->case->face->longestMm ?? NAN, 'mm', Origin::Entered),
            $this->inputs->thickness(), $this->inputs->density(), $this->inputs->gravity(), $this->inputs->mobility(),
        ];
    }
}
