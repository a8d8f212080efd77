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
use OpenGlaze\Core\Heat\LabelEvidence;
use OpenGlaze\Core\Heat\SelfHeating;
use OpenGlaze\Core\Mix\MixException;
use OpenGlaze\Core\Mix\Mixture;
use OpenGlaze\Core\Quantity\Sourced;

/** A resin's data sheet. What the label does not say is null, never a guess. */
final readonly class ResinSheet
{
    /** A label's times are for a film no thinner than this, mm. */
    private const COMMON_FILM_MM = 1.6;

    public function __construct(
        public string $id,
        public string $name,
        public ResinFamily $family,
        public ResinParts $parts,
        public ResinFlow $flow,
        public ResinSetting $setting,
        public LabelTimes $times,
        public LabelStages $stages,
        public LabelLimits $limits,
        public LabelRoom $room,
    ) {
    }

    /**
     * What its parts make together; a polyester's catalyst hangs on the depth of the layer, in mm.
     *
     * @throws MixException when the label's catalyst table does not go there
     */
    public function mixture(?float $layerMm = null): Mixture
    {
        if ($this->parts->ratioMixture !== null) {
            return $this->parts->ratioMixture;
        }
        $table = $this->parts->catalyst ?? throw new LogicException('a resin has a ratio or a catalyst table');

        return Mixture::catalysed($table->percentAt($layerMm ?? $table->shallowestMm()), $this->parts->densityAGMl->value, $this->parts->densityBGMl?->value);
    }

    /** How far its ratio can be off, in per cent, when it is weighed by typical densities; 0 where it is not. */
    public function weighedOffPct(): float
    {
        return $this->parts->ratioMixture?->weighedOffPct() ?? 0.0;
    }

    /**
     * What is taken where the label is silent and its kind is usually so, by the plan file's field.
     *
     * @return array<string, float>
     */
    public function typical(): array
    {
        $values = ['density_a_g_ml' => $this->parts->densityAGMl, 'density_b_g_ml' => $this->parts->densityBGMl, 'viscosity_pa_s' => $this->flow->viscosityPaS, 'viscosity_at_c' => $this->flow->viscosityAtC, 'reference_c' => $this->times->referenceC];

        return array_map(static fn (Sourced $value): float => $value->value, [...array_filter($values, static fn (?Sourced $value): bool => $value?->isAssumed() === true), ...$this->stages->typical()]);
    }

    /** Its working time is known of the cup alone, and taken for the film too. */
    public function openTimeIsTheCups(): bool
    {
        return $this->times->potLifeMin !== null && $this->times->potLifeMin->value === $this->times->openMin->value;
    }

    /** The deepest layer in mm that the label allows; null when it does not say. */
    public function deepestLayerMm(): ?float
    {
        $limits = array_filter([$this->limits->maxPourMm?->value, $this->parts->catalyst?->deepestMm()], static fn (?float $mm): bool => $mm !== null);

        return $limits === [] ? null : min($limits);
    }

    /** The deepest layer that is typical of its kind, mm, to judge by where the label names none; null where it does, or nothing is typical. */
    public function typicalDepthMm(): ?float
    {
        return $this->deepestLayerMm() === null ? Typical::of($this->family)?->deepestMm : null;
    }

    /** The film that the label's times are for, mm: half of the deepest that it allows, or that is typical, and no thinner than a common flood coat. */
    public function labelFilmMm(): float
    {
        return max(self::COMMON_FILM_MM, ($this->deepestLayerMm() ?? $this->typicalDepthMm() ?? 0.0) / 2);
    }

    /**
     * How it heats itself; null when its label does not say when to recoat, and for polyester, whose heat hangs on its catalyst.
     */
    public function selfHeating(Studio $studio): ?SelfHeating
    {
        if ($this->stages->recoatFromH === null || $this->parts->catalyst !== null) {
            return null;
        }

        return new SelfHeating(
            new Curing($this->kinetics($studio), $this->stages->recoatFromH->value * 60, $this->setting->heatKjKg->value ?? Curing::HEAT_KJ_KG, $this->setting->heatCapacityJKgK->value),
            $this->liquid()->densityKgM3,
            $studio->room->temperatures,
            new LabelEvidence($this->setting->heatKjKg === null ? $this->times->potLifeMin?->value : null, $this->times->potLifeMassG?->value, $this->limits->maxPourMm?->value, $this->setting->layerHeatKjKg?->value),
            $studio->pace->heatLossWM2K->value,
            $this->setting->conductivityWMK->value,
        );
    }

    public function labelWindows(): Windows
    {
        return Windows::onLabel($this->stages->recoatFromH, $this->stages->recoatToH, $this->stages->sandFromH, $this->stages->handleH, $this->stages->fullCureH);
    }

    /**
     * The film's phases as the label has them, at its reference temperature.
     *
     * @return non-empty-list<PhaseSpan>
     */
    public function labelPhases(): array
    {
        return PhaseLine::of($this->times->openMin->value, $this->labelWindows());
    }

    public function liquid(): Liquid
    {
        return new Liquid($this->mixture()->densityGMl() * 1000, $this->flow->surfaceTensionNM->value);
    }

    public function kinetics(Studio $studio): Kinetics
    {
        return new Kinetics(
            $this->times->openMin->value,
            $this->times->referenceC->value,
            $this->flow->viscosityPaS->value,
            $this->flow->viscosityAtC->value,
            ($this->setting->activationKjMol ?? $studio->pace->activationKjMol)->value,
            ($this->flow->flowActivationKjMol ?? $studio->pace->flowActivationKjMol)->value,
        );
    }
}
