<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Film;

/**
 * The clock of a film from the end of its pour (time 0): how old it is, how thick, how much it will still flow.
 *
 * Times in minutes from time 0; ages in minutes at the resin's reference temperature; viscosity in
 * Pa·s; mobility ∫dt/η in m·s/kg.
 */
interface FilmClock
{
    /** Reaction rate at time 0, relative to the reference temperature. */
    public function rate(): float;

    public function ageAtPourMin(): float;

    /** How old it is then; it goes on ageing when nothing flows any more. */
    public function ageAt(float $min): float;

    public function viscosityAt(float $min): float;

    /** Minutes until the film has a given age; 0 when it has it already. */
    public function minutesToAge(float $ageMin): float;

    /** Minutes until it is as thick as that, Pa·s; 0 when it is already. */
    public function minutesToViscosity(float $paS): float;

    /** Mobility gathered from time 0. */
    public function mobilityAfter(float $min): float;

    /** All the flow the film will still do. */
    public function mobilityInTheEnd(): float;

    /** Minutes until so much mobility is gathered; null when it never is. */
    public function minutesToMobility(float $mobility): ?float;
}
