<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Trace;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Film\SteadyFilmClock;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Quantity\Origin;
use OpenGlaze\Core\Quantity\Physics;
use OpenGlaze\Core\Quantity\Sourced;

/** Inputs that many traces of the film share, and how a time is reached from an age or a mobility. */
final readonly class FilmInputs
{
    public function __construct(private CoatResult $result)
    {
    }

    public function thickness(): TraceInput
    {
        $case = $this->result->case;
        $mm = $case->thicknessMm ?? $case->flowing() ?? Sourced::assumed(NAN);

        return $case->lifts->count > 1
            ? TraceInput::computed('thickness_mm', Message::of('traces.depth_of_one_lift'), $mm->value / $case->lifts->count, 'mm')
            : TraceInput::sourced('thickness_mm', Message::of('traces.film_thickness'), $mm, 'mm');
    }

    public function mobility(): TraceInput
    {
        return TraceInput::computed('mobility', Message::of('traces.all_the_flow_that_the_film_will_do'), $this->result->film->flowing->mobility, 'm·s/kg', 'mobility');
    }

    public function gravity(): TraceInput
    {
        return TraceInput::constant('gravity', Message::of('traces.gravity'), Physics::GRAVITY_M_S2, 'm/s²');
    }

    public function tension(): TraceInput
    {
        return TraceInput::sourced('tension', Message::of('traces.surface_tension'), $this->result->case->resin->flow->surfaceTensionNM, 'N/m');
    }

    public function density(): TraceInput
    {
        return TraceInput::computed('density', Message::of('traces.density_of_the_mix'), $this->result->case->liquid->densityKgM3 / 1000, 'g/ml', 'density');
    }

    public function openLabel(): TraceInput
    {
        return TraceInput::sourced('open_label_min', Message::of('traces.open_time_on_the_label'), $this->result->case->resin->times->openMin, 'min');
    }

    public function ageAtPour(): TraceInput
    {
        return TraceInput::sourced('age_min', Message::of('traces.age_at_the_end_of_the_pour'), Sourced::from($this->result->case->clock->ageAtPourMin(), $this->result->case->coat->manner->ageMin->origin), 'min');
    }

    public function rate(): TraceInput
    {
        return TraceInput::computed('rate', Message::of('traces.how_fast_it_sets_by_temperature'), $this->result->film->flowing->rate, '', 'rate');
    }

    public function viscosity(): TraceInput
    {
        return TraceInput::computed('viscosity', Message::of('traces.viscosity_at_the_pour'), $this->result->film->flowing->viscosityPaS, 'Pa·s', 'viscosity_pa_s');
    }

    public function temperature(): TraceInput
    {
        $case = $this->result->case;

        return $case->clock === $case->roomClock
            ? TraceInput::given('temperature_c', Message::of('traces.room_temperature'), $case->airC(), '°C', Origin::Measured)
            : TraceInput::given('temperature_c', Message::of('traces.temperature_of_the_base'), $case->airC() + $case->baseOffK(), '°C', Origin::Measured);
    }

    public function isSteady(): bool
    {
        return $this->result->case->clock instanceof SteadyFilmClock;
    }

    /** The expression for minutes until an age in minutes, given as an expression itself. */
    public function minutesToAge(string $age): string
    {
        return $this->isSteady() ? "max(0, ($age - age_min) / rate)" : "age_to_minutes($age)";
    }

    /** The expression for minutes until a mobility, given as an expression itself. */
    public function minutesToMobility(string $mobility): string
    {
        return $this->isSteady()
            ? "-ln(1 - ($mobility) * ln(10) * rate / (open_label_min * 60) * viscosity) / (ln(10) * rate / open_label_min)"
            : "mobility_to_minutes($mobility)";
    }

    /** @return list<TraceInput> what minutesToAge() needs */
    public function forAge(): array
    {
        return $this->isSteady() ? [$this->ageAtPour(), $this->rate()] : [];
    }

    /** @return list<TraceInput> what minutesToMobility() needs */
    public function forMobility(): array
    {
        return $this->isSteady() ? [$this->rate(), $this->openLabel(), $this->viscosity()] : [];
    }

    /** Said of every time in a room whose temperature changes. */
    public function note(): ?Message
    {
        return $this->isSteady() ? null : Message::of('traces.integrated');
    }
}
