<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Heat;

use OpenGlaze\Core\Film\Kinetics;

/**
 * The heat that one resin sets free as it ages: conversion x/(1+x) with x = (τ/τ_½)^1.6.
 *
 * Source: log-logistic conversion; the half age is set by 60 % at the label's "recoat from".
 */
final readonly class Curing
{
    public const HEAT_KJ_KG = 350.0;

    public const CAPACITY_J_KG_K = 1900.0;

    public const STEEPNESS = 1.6;

    private const CONVERTED_AT_RECOAT = 0.6;

    /** Age in minutes at the reference temperature at which half has reacted. */
    public float $halfAgeMin;

    /**
     * @param  float  $recoatFromMin  the label's, above 0
     * @param  float  $heatKjKg  all the heat of the reaction
     */
    public function __construct(
        public Kinetics $kinetics,
        float $recoatFromMin,
        public float $heatKjKg = self::HEAT_KJ_KG,
        public float $capacityJKgK = self::CAPACITY_J_KG_K,
    ) {
        $this->halfAgeMin = $recoatFromMin / (self::CONVERTED_AT_RECOAT / (1 - self::CONVERTED_AT_RECOAT)) ** (1 / self::STEEPNESS);
    }

    /** Share that has reacted at an age in minutes, from 0 to 1. */
    public function conversion(float $ageMin): float
    {
        $x = ($ageMin / $this->halfAgeMin) ** self::STEEPNESS;

        return $x / (1 + $x);
    }

    /** Warming in K per minute of age if no heat were lost. */
    public function warming(float $ageMin): float
    {
        if ($ageMin <= 0) {
            return 0.0;
        }
        $x = ($ageMin / $this->halfAgeMin) ** self::STEEPNESS;

        return $this->heatKjKg * 1000 / $this->capacityJKgK * self::STEEPNESS * $x / ($ageMin * (1 + $x) ** 2);
    }

    /** Age in minutes at which it sets free most for each minute of age: x = (n − 1)/(n + 1). */
    public function fastestAgeMin(): float
    {
        return $this->halfAgeMin * ((self::STEEPNESS - 1) / (self::STEEPNESS + 1)) ** (1 / self::STEEPNESS);
    }

    public function withHeat(float $heatKjKg): self
    {
        return new self($this->kinetics, $this->recoatFromMin(), $heatKjKg, $this->capacityJKgK);
    }

    /** @return list<float> all that it follows from */
    public function facts(): array
    {
        return [...$this->kinetics->arrhenius(), $this->kinetics->openMin, $this->kinetics->referenceC, $this->halfAgeMin, $this->heatKjKg, $this->capacityJKgK];
    }

    private function recoatFromMin(): float
    {
        return $this->halfAgeMin * (self::CONVERTED_AT_RECOAT / (1 - self::CONVERTED_AT_RECOAT)) ** (1 / self::STEEPNESS);
    }
}
