<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Trace;

use OpenGlaze\Core\Coating\CoatResult;
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
            ? TraceInput::computed('thickness_mm', 'depth of one lift', $mm->value / $case->lifts->count, 'mm')
            : TraceInput::sourced('thickness_mm', 'film thickness', $mm, 'mm');
    }

    public function mobility(): TraceInput
    {
        return TraceInput::computed('mobility', 'all the flow that the film will do', $this->result->film->mobility, 'm·s/kg', 'mobility');
    }

    public function gravity(): TraceInput
    {
        return TraceInput::constant('gravity', 'gravity', Physics::GRAVITY_M_S2, 'm/s²');
    }

    public function tension(): TraceInput
    {
        return TraceInput::sourced('tension', 'surface tension', $this->result->case->resin->surfaceTensionNM, 'N/m');
    }

    public function density(): TraceInput
    {
        return TraceInput::computed('density', 'density of the mix', $this->result->case->liquid->densityKgM3 / 1000, 'g/ml', 'density');
    }

    public function openLabel(): TraceInput
    {
        return TraceInput::sourced('open_label_min', 'open time on the label', $this->result->case->resin->openMin, 'min');
    }

    public function ageAtPour(): TraceInput
    {
        return TraceInput::sourced('age_min', 'age at the end of the pour', Sourced::from($this->result->case->clock->ageAtPourMin(), $this->result->case->coat->ageMin->origin), 'min');
    }

    public function rate(): TraceInput
    {
        return TraceInput::computed('rate', 'how fast it sets, by temperature', $this->result->film->rate, '', 'rate');
    }

    public function viscosity(): TraceInput
    {
        return TraceInput::computed('viscosity', 'viscosity at the pour', $this->result->film->viscosityPaS, 'Pa·s', 'viscosity_pa_s');
    }

    public function temperature(): TraceInput
    {
        return TraceInput::given('temperature_c', 'room temperature', $this->result->case->studio->temperatures->at(0.0), '°C', Origin::Measured);
    }

    public function isSteady(): bool
    {
        return $this->result->case->studio->temperatures->isSteady();
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
    public function note(): string
    {
        return $this->isSteady() ? '' : 'Integrated over the temperatures of the room.';
    }
}
