<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use LogicException;
use OpenGlaze\Core\Cure\PhaseLine;
use OpenGlaze\Core\Cure\PhaseSpan;
use OpenGlaze\Core\Cure\Windows;
use OpenGlaze\Core\Film\Kinetics;
use OpenGlaze\Core\Film\Liquid;
use OpenGlaze\Core\Heat\Curing;
use OpenGlaze\Core\Heat\SelfHeating;
use OpenGlaze\Core\Mix\CatalystTable;
use OpenGlaze\Core\Mix\MixException;
use OpenGlaze\Core\Mix\Mixture;
use OpenGlaze\Core\Quantity\Sourced;

/** A resin's data sheet. What the label does not say is null, never a guess. */
final readonly class ResinSheet
{
    public function __construct(
        public string $id,
        public string $name,
        public ResinFamily $family,
        private ?Mixture $ratioMixture,
        public ?CatalystTable $catalyst,
        public Sourced $densityAGMl,
        public ?Sourced $densityBGMl,
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
        public ?Sourced $potLifeMin,
        public ?Sourced $potLifeMassG,
        public ?Sourced $heatKjKg,
        public Sourced $heatCapacityJKgK,
        public Sourced $shrinkagePct,
        public Sourced $ratioTolerancePct,
        public ?Sourced $minBatchMl,
        public Sourced $colourantLimitPct,
        public Sourced $wateryLimitPct,
        public ?Sourced $fillerLimitPct,
        public PartName $firstPart,
    ) {
    }

    /**
     * What its parts make together; a polyester's catalyst hangs on the depth of the layer, in mm.
     *
     * @throws MixException when the label's catalyst table does not go there
     */
    public function mixture(?float $layerMm = null): Mixture
    {
        if ($this->ratioMixture !== null) {
            return $this->ratioMixture;
        }
        $table = $this->catalyst ?? throw new LogicException('a resin has a ratio or a catalyst table');

        return Mixture::catalysed($table->percentAt($layerMm ?? $table->shallowestMm()), $this->densityAGMl->value, $this->densityBGMl?->value);
    }

    /** How far its ratio can be off, in per cent, when it is weighed by typical densities; 0 where it is not. */
    public function weighedOffPct(): float
    {
        return $this->ratioMixture?->weighedOffPct() ?? 0.0;
    }

    /**
     * What is taken where the label is silent and its kind is usually so, by the plan file's field.
     *
     * @return array<string, float>
     */
    public function typical(): array
    {
        $values = ['density_a_g_ml' => $this->densityAGMl, 'density_b_g_ml' => $this->densityBGMl, 'viscosity_pa_s' => $this->viscosityPaS, 'viscosity_at_c' => $this->viscosityAtC, 'reference_c' => $this->referenceC];

        return array_map(static fn (Sourced $value): float => $value->value, array_filter($values, static fn (?Sourced $value): bool => $value?->isAssumed() === true));
    }

    /** Its working time is known of the cup alone, and taken for the film too. */
    public function openTimeIsTheCups(): bool
    {
        return $this->potLifeMin !== null && $this->potLifeMin->value === $this->openMin->value;
    }

    /** The deepest layer in mm that the label allows; null when it does not say. */
    public function deepestLayerMm(): ?float
    {
        $limits = array_filter([$this->maxPourMm?->value, $this->catalyst?->deepestMm()], static fn (?float $mm): bool => $mm !== null);

        return $limits === [] ? null : min($limits);
    }

    /**
     * How it heats itself; null when its label does not say when to recoat, and for polyester, whose heat hangs on its catalyst.
     */
    public function selfHeating(Studio $studio): ?SelfHeating
    {
        if ($this->recoatFromH === null || $this->catalyst !== null) {
            return null;
        }

        return new SelfHeating(
            new Curing($this->kinetics($studio), $this->recoatFromH->value * 60, $this->heatKjKg->value ?? Curing::HEAT_KJ_KG, $this->heatCapacityJKgK->value),
            $this->liquid()->densityKgM3,
            $studio->temperatures,
            $this->heatKjKg === null ? $this->potLifeMin?->value : null,
            $this->potLifeMassG?->value,
            $this->maxPourMm?->value,
            $studio->heatLossWM2K->value,
        );
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
        return new Liquid($this->mixture()->densityGMl() * 1000, $this->surfaceTensionNM->value);
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
