<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Heat;

/** How one lift of a layer fared from its pour to the next, or until it was followed no further. */
final readonly class LayerRun
{
    /**
     * @param  float  $peakC  of its hottest cell
     * @param  float  $peakMin  after its pour
     * @param  non-empty-list<float>  $mins  after its pour, rising
     * @param  non-empty-list<float>  $topAges  age of its top cell then, min at the reference temperature
     * @param  list<list<float>>  $profiles  °C from the floor of the resin to its top, at those times; empty where nobody asked
     */
    public function __construct(
        public float $peakC,
        public float $peakMin,
        public array $mins,
        public array $topAges,
        public array $profiles = [],
    ) {
    }

    /** Minutes until its top has an age; null where it was not followed so far. */
    public function minutesToTopAge(float $ageMin): ?float
    {
        return Course::at($this->topAges, $this->mins, $ageMin);
    }

    /** Age of its top after so many minutes; null past what was followed. */
    public function topAgeAt(float $min): ?float
    {
        return Course::at($this->mins, $this->topAges, $min);
    }
}
