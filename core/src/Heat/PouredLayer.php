<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Heat;

use OpenGlaze\Core\Film\Temperatures;

/** A layer of resin as it is poured on its base, in one pour or in equal lifts on top of each other. */
final readonly class PouredLayer
{
    /** Of cured resin, W/(m K). */
    public const CONDUCTIVITY_W_M_K = 0.2;

    /** To the air above it, W/(m² K). */
    public const ABOVE_W_M2_K = 10.0;

    /** To the air below it, as a share of that. */
    private const BELOW_SHARE = 0.6;

    /**
     * @param  float  $depthMm  of one lift, above 0
     * @param  non-empty-list<Slab>  $base  from below
     * @param  float|null  $baseC  where it is not at the room's temperature
     * @param  float  $ageMin  of each lift when it is poured
     * @param  float  $airWM2K  what the air above takes
     */
    public function __construct(
        public float $depthMm,
        public float $densityKgM3,
        public array $base,
        public Temperatures $room,
        public ?float $baseC = null,
        public float $ageMin = 0.0,
        public Lifts $lifts = new Lifts,
        public float $conductivity = self::CONDUCTIVITY_W_M_K,
        public float $airWM2K = self::ABOVE_W_M2_K,
    ) {
    }

    /** What it lies on, each slab in so many cells. */
    public function onBase(int $cells): Conduction
    {
        $conduction = new Conduction(self::BELOW_SHARE * $this->airWM2K, $this->airWM2K);
        foreach ($this->base as $slab) {
            $conduction->lay($slab, $cells);
        }

        return $conduction;
    }

    /** All that it is, in one line. */
    public function facts(): string
    {
        $base = array_map(static fn (Slab $slab): string => "$slab->depthM $slab->conductivity $slab->heatCapacity", $this->base);

        return implode(' ', [$this->depthMm, $this->densityKgM3, ...$base, spl_object_id($this->room), $this->baseC, $this->ageMin, $this->lifts->count, $this->lifts->intervalMin, $this->conductivity, $this->airWM2K]);
    }

    /** One lift of it. */
    public function slab(Curing $curing): Slab
    {
        return new Slab($this->depthMm / 1000, $this->conductivity, $this->densityKgM3 * $curing->capacityJKgK);
    }

    public function withDepth(float $depthMm, Lifts $lifts = new Lifts): self
    {
        return new self($depthMm, $this->densityKgM3, $this->base, $this->room, $this->baseC, $this->ageMin, $lifts, $this->conductivity, $this->airWM2K);
    }
}
