<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Cure\PhaseLine;
use OpenGlaze\Core\Cure\PhaseSpan;
use OpenGlaze\Core\Cure\Windows;
use OpenGlaze\Core\Film\Kinetics;
use OpenGlaze\Core\Film\Liquid;
use OpenGlaze\Core\Mix\Mixture;
use OpenGlaze\Core\Quantity\Sourced;

/** A resin's data sheet. What the label does not say is null, never a guess. */
final readonly class ResinSheet
{
    public function __construct(
        public string $id,
        public string $name,
        public Mixture $mixture,
        public Sourced $viscosityPaS,
        public Sourced $viscosityAtC,
        public Sourced $surfaceTensionNM,
        public Sourced $referenceC,
        public Sourced $openMin,
        public ?Sourced $recoatFromH,
        public ?Sourced $recoatToH,
        public ?Sourced $sandFromH,
        public ?Sourced $handleH,
        public ?Sourced $fullCureH,
        public ?Sourced $maxPourMm,
        public ?Sourced $mixMin,
        public Sourced $minRoomC,
        public Sourced $maxRoomC,
        public Sourced $maxHumidityPct,
        public ?Sourced $activationKjMol,
        public ?Sourced $flowActivationKjMol,
    ) {
    }

    public function labelWindows(): Windows
    {
        return Windows::onLabel($this->recoatFromH, $this->recoatToH, $this->sandFromH, $this->handleH, $this->fullCureH);
    }

    /**
     * The film's phases as the label has them, at its reference temperature.
     *
     * @return non-empty-list<PhaseSpan>
     */
    public function labelPhases(): array
    {
        return PhaseLine::of($this->openMin->value, $this->labelWindows());
    }

    public function liquid(): Liquid
    {
        return new Liquid($this->mixture->densityGMl() * 1000, $this->surfaceTensionNM->value);
    }

    public function kinetics(Studio $studio): Kinetics
    {
        return new Kinetics(
            $this->openMin->value,
            $this->referenceC->value,
            $this->viscosityPaS->value,
            $this->viscosityAtC->value,
            ($this->activationKjMol ?? $studio->activationKjMol)->value,
            ($this->flowActivationKjMol ?? $studio->flowActivationKjMol)->value,
        );
    }
}
