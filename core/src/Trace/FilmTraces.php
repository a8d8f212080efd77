<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Trace;

use OpenGlaze\Core\Coating\CoatCase;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Film\Drift;
use OpenGlaze\Core\Film\Levelling;
use OpenGlaze\Core\Heat\Curing;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Quantity\Origin;
use OpenGlaze\Core\Quantity\Physics;

/** How the film flows, levels and lets its bubbles go. */
final readonly class FilmTraces
{
    /** γk⁴ + ρgk² of a ripple whose length is ripple_mm. */
    private const PULL = '(tension * (2000 * pi / ripple_mm) ** 4 + density * 1000 * gravity * (2000 * pi / ripple_mm) ** 2)';

    /** How much of the slope the film's ends differ by at last. */
    private const GATHERED = 'gathered(density * 1000 * gravity * (thickness_mm / 1000) ** 3 * mobility / (3 * (longest_mm / 1000) ** 2))';

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
            $this->open(),
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
            $this->rise(100, $film->rising->rise100Min),
            $this->rise(50, $film->rising->rise50Min),
            $this->rise(30, $film->rising->rise30Min),
            ...($this->result->case->face->longestMm === null ? [] : [$this->drift(), $this->levelWithin()]),
            ...$this->peak(),
            ...$this->relief(),
        ];
    }

    private function rate(): Trace
    {
        $case = $this->result->case;

        return new Trace('rate', Message::of('traces.how_fast_it_sets_here'), '× the label', $this->result->film->flowing->rate,
            Message::of('traces.the_rate_law_of_arrhenius_about_twice_as_fast'),
            'exp(activation_kj_mol * 1000 / gas_constant * (1 / (reference_c + 273.15) - 1 / (temperature_c + 273.15)))',
            [
                $this->inputs->temperature(),
                TraceInput::sourced('reference_c', Message::of('traces.temperature_that_the_labels_times_are_for'), $case->resin->times->referenceC, '°C'),
                TraceInput::sourced('activation_kj_mol', Message::of('traces.activation_energy_of_the_setting'), $case->resin->setting->activationKjMol ?? $case->studio->pace->activationKjMol, 'kJ/mol'),
                TraceInput::constant('gas_constant', Message::of('traces.gas_constant'), Physics::GAS_CONSTANT_J_MOL_K, 'J/(mol K)'),
            ]);
    }

    private function viscosity(): Trace
    {
        $case = $this->result->case;

        return new Trace('viscosity_pa_s', Message::of('traces.viscosity_at_the_pour_title'), 'Pa·s', $this->result->film->flowing->viscosityPaS,
            Message::of('traces.the_labels_viscosity_at_the_rooms_temperature'),
            'viscosity_label * exp(flow_activation_kj_mol * 1000 / gas_constant * (1 / (temperature_c + 273.15) - 1 / (viscosity_at_c + 273.15))) * 10 ** (age_min / open_label_min)',
            [
                TraceInput::sourced('viscosity_label', Message::of('traces.viscosity_on_the_label'), $case->resin->flow->viscosityPaS, 'Pa·s'),
                TraceInput::sourced('viscosity_at_c', Message::of('traces.at'), $case->resin->flow->viscosityAtC, '°C'),
                $this->inputs->temperature(),
                TraceInput::sourced('flow_activation_kj_mol', Message::of('traces.activation_energy_of_the_flow'), $case->resin->flow->flowActivationKjMol ?? $case->studio->pace->flowActivationKjMol, 'kJ/mol'),
                $this->inputs->ageAtPour(),
                $this->inputs->openLabel(),
                TraceInput::constant('gas_constant', Message::of('traces.gas_constant'), Physics::GAS_CONSTANT_J_MOL_K, 'J/(mol K)'),
            ]);
    }

    private function open(): Trace
    {
        $sooner = $this->result->case->heat->openMin() !== null;

        return new Trace('open_min', Message::of('traces.open_time_left_title'), 'min', $this->result->film->flowing->openMin,
            Message::of($sooner ? 'traces.sooner_by_its_own_heat' : 'traces.open_time_on_the_label_less_the_age_at_the'),
            $sooner ? 'own_heat_to_minutes(open_label_min)' : $this->inputs->minutesToAge('open_label_min'),
            [$this->inputs->openLabel(), ...$sooner ? [] : $this->inputs->forAge()], $this->inputs->note());
    }

    private function mobility(): Trace
    {
        $words = Message::of('traces.flow_over_thickness');
        if (! $this->inputs->isSteady()) {
            return new Trace('mobility', Message::of('traces.all_the_flow_that_the_film_will_do_title'), 'm·s/kg', $this->result->film->flowing->mobility, $words, 'mobility_in_the_end()', [], $this->inputs->note());
        }

        return new Trace('mobility', Message::of('traces.all_the_flow_that_the_film_will_do_title'), 'm·s/kg', $this->result->film->flowing->mobility, $words,
            'open_label_min * 60 / (ln(10) * rate * viscosity) * (1 - 10 ** (age_min / open_label_min - 4))', [...$this->inputs->forMobility(), $this->inputs->ageAtPour()]);
    }

    private function levelsUpTo(): Trace
    {
        $needed = '9 / ((thickness_mm / 1000) ** 3 * mobility)';
        $weight = 'density * 1000 * gravity';

        return new Trace('levels_up_to_mm', Message::of('traces.levels_ripples_up_to'), 'mm', $this->result->film->level->upToMm,
            Message::of('traces.the_longest_ripple_of_which_tension_and'),
            "2000 * pi / sqrt(2 * $needed / ($weight + sqrt(($weight) ** 2 + 4 * tension * $needed)))",
            [$this->inputs->thickness(), $this->inputs->mobility(), $this->inputs->density(), $this->inputs->tension(), $this->inputs->gravity()]);
    }

    private function thinnest(): Trace
    {
        return new Trace('thinnest_mm', Message::of('traces.thinnest_film_that_levels'), 'mm', $this->result->film->level->thinnestMm,
            Message::of('traces.the_film_in_which_marks_of_this_tool_are_95'),
            '1000 * (9 / ('.self::PULL.' * mobility)) ** (1 / 3)',
            [
                TraceInput::sourced('ripple_mm', Message::of('traces.width_of_the_tools_marks'), $this->result->case->coat->ground->markMm, 'mm'),
                $this->inputs->mobility(), $this->inputs->density(), $this->inputs->tension(), $this->inputs->gravity(),
            ]);
    }

    private function settle(): Trace
    {
        return new Trace('settle_min', Message::of('traces.settled_after'), 'min', $this->result->film->level->settleMin,
            Message::of('traces.when_a_ripple_100_mm_wide_is_95_gone_judge'),
            $this->inputs->minutesToMobility('9 / ((thickness_mm / 1000) ** 3 * '.self::PULL.')'),
            [
                $this->inputs->thickness(),
                TraceInput::constant('ripple_mm', Message::of('traces.ripple'), Levelling::SETTLING_RIPPLE_MM, 'mm'),
                $this->inputs->density(), $this->inputs->tension(), $this->inputs->gravity(), ...$this->inputs->forMobility(),
            ], $this->inputs->note());
    }

    private function smallestBubble(): Trace
    {
        return new Trace('smallest_bubble_um', Message::of('traces.smallest_bubble_that_escapes'), 'µm radius', $this->result->film->rising->smallestUm,
            Message::of('traces.the_radius_that_rises_through_the_film_before'),
            '1000000 * sqrt(9 * thickness_mm / 1000 / (2 * density * 1000 * gravity * mobility))',
            [$this->inputs->thickness(), $this->inputs->density(), $this->inputs->gravity(), $this->inputs->mobility()]);
    }

    private function rise(int $radiusUm, ?float $min): Trace
    {
        return new Trace('rise_'.$radiusUm.'_min', Message::of('traces.bubbles_out', radius: $radiusUm), 'min', $min,
            Message::of('traces.when_they_have_risen_through_the_film_after'),
            $this->inputs->minutesToMobility('9 * thickness_mm / 1000 / (2 * density * 1000 * gravity * (radius_um / 1000000) ** 2)'),
            [
                $this->inputs->thickness(),
                TraceInput::constant('radius_um', Message::of('traces.bubble_radius'), $radiusUm, 'µm'),
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
        $trace = fn (string $figure, Message $label, float $min, float $paS, Message $words): Trace => $this->inputs->isSteady()
            ? new Trace($figure, $label, 'min', $min, $words, 'max(0, open_label_min / rate * log10(wanted_pa_s / viscosity))', [
                $this->inputs->openLabel(), $this->inputs->rate(), TraceInput::constant('wanted_pa_s', Message::of('traces.wanted'), $paS, 'Pa·s'), $this->inputs->viscosity(),
            ])
            : new Trace($figure, $label, 'min', $min, $words, 'viscosity_to_minutes(wanted_pa_s)', [TraceInput::constant('wanted_pa_s', Message::of('traces.wanted'), $paS, 'Pa·s')], $this->inputs->note());

        return [
            $trace('placed_from_min', Message::of('traces.stays_from'), $times[0], CoatCase::STAYS_PA_S, Message::of('traces.thick_as_syrup')),
            $trace('placed_to_min', Message::of('traces.threads_from'), $times[1], CoatCase::THREADS_PA_S, Message::of('traces.too_thick_to_lay')),
        ];
    }

    /** @return list<Trace> */
    private function peak(): array
    {
        $case = $this->result->case;
        if ($case->selfHeating === null || $case->heat->peakC() === null) {
            return [];
        }

        $heat = ($case->isLump() ? $case->selfHeating->inCup() : $case->selfHeating->asLayer())->heatKjKg;

        return [new Trace('peak_c', Message::of('traces.it_warms_itself_to'), '°C', $case->heat->peakC(),
            Message::of($case->isLump() ? 'traces.the_heat_of_the_reaction_less_what_the_film' : 'traces.followed_through_its_depth_and_its_base'),
            $case->isLump() ? 'lump_peak(lump_ml, density, heat_kj_kg, heat_capacity)' : 'layer_peak(deepest_mm, lifts, density, heat_kj_kg, heat_capacity, conductivity)',
            [
                ...$case->isLump()
                    ? [TraceInput::computed('lump_ml', Message::of('traces.what_is_poured_into_one_as_deep_as_wide'), $case->sized->filmMl, 'ml')]
                    : [
                        TraceInput::computed('deepest_mm', Message::of('traces.its_deepest_place'), $case->deepestMm() ?? NAN, 'mm'),
                        TraceInput::computed('lifts', Message::of('traces.lifts_on_top_of_each_other'), $case->lifts->count, ''),
                        TraceInput::sourced('conductivity', Message::of('traces.conductivity_of_the_resin'), $case->resin->setting->conductivityWMK, 'W/(m K)'),
                    ],
                $this->inputs->density(),
                TraceInput::given('heat_kj_kg', Message::of('traces.heat_of_the_reaction'), $heat, 'kJ/kg', match (true) {
                    $heat === $case->resin->setting->heatKjKg?->value => Origin::Label,
                    $heat === Curing::HEAT_KJ_KG => Origin::Assumed,
                    default => Origin::Computed,
                }),
                TraceInput::sourced('heat_capacity', Message::of('traces.heat_capacity'), $case->resin->setting->heatCapacityJKgK, 'J/(kg K)'),
            ])];
    }

    /** @return list<Trace> */
    private function relief(): array
    {
        [$relief, $film] = [$this->result->case->coat->ground->reliefMm, $this->result->case->thicknessMm];
        if ($relief === null || $film === null) {
            return [];
        }
        $flows = $this->result->film->flowing->mobility > 0;
        $laid = TraceInput::sourced('laid_mm', Message::of('traces.film_thickness'), $film, 'mm');

        return [new Trace('stays_on_relief_mm', Message::of('traces.stays_on_the_slopes'), 'mm', $this->result->case->staysOnReliefMm(),
            Message::of('traces.what_a_slope_of_this_height_keeps_when_the'),
            $flows ? 'min(laid_mm, 1000 * 2 / 3 * sqrt(relief_mm / 1000 / (density * 1000 * gravity * mobility)))' : 'laid_mm',
            [$laid, ...$flows ? [TraceInput::sourced('relief_mm', Message::of('traces.height_of_the_relief'), $relief, 'mm'), $this->inputs->density(), $this->inputs->gravity(), $this->inputs->mobility()] : []])];
    }

    private function drift(): Trace
    {
        return new Trace('drift_mm', Message::of('traces.drift_to_the_low_side'), 'mm', $this->result->film->level->driftMm,
            Message::of('traces.half_of_what_the_ends_of_the_film_differ_by'),
            'slope_mm_per_m * longest_mm / 1000 * '.self::GATHERED.' / 2',
            [TraceInput::sourced('slope_mm_per_m', Message::of('traces.slope_of_the_bench'), $this->result->case->studio->room->slopeMmPerM, 'mm/m'), ...$this->slopeInputs()]);
    }

    private function levelWithin(): Trace
    {
        return new Trace('level_within_mm_per_m', Message::of('traces.level_it_to'), 'mm/m', $this->result->film->level->withinMmPerM,
            Message::of('traces.the_slope_at_which_the_ends_differ_by_a_tenth'),
            'wanted_share * thickness_mm / (longest_mm / 1000 * '.self::GATHERED.')',
            [TraceInput::constant('wanted_share', Message::of('traces.difference_of_the_ends_as_a_share_of_the_film'), Drift::WANTED_SHARE, ''), ...$this->slopeInputs()]);
    }

    /** @return list<TraceInput> */
    private function slopeInputs(): array
    {
        return [
            TraceInput::given('longest_mm', Message::of('traces.longest_side'), $this->result->case->face->longestMm ?? NAN, 'mm', Origin::Entered),
            $this->inputs->thickness(), $this->inputs->density(), $this->inputs->gravity(), $this->inputs->mobility(),
        ];
    }
}
