<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Film;

/**
 * Self-levelling of ripples by surface tension and gravity. A ripple of wavelength λ, k = 2π/λ, in a
 * film h decays by exp(−D), D = h³/3·(γk⁴ + ρgk²)·M; levelled means D ≥ 3 (95 %).
 *
 * Source: Orchard, Appl. Sci. Res. A 11 (1962) 451, with gravity.
 */
final readonly class Levelling
{
    public const LEVELLED_DECAY = 3.0;

    /** The ripple whose going tells that the fill can be judged, mm. */
    public const SETTLING_RIPPLE_MM = 100.0;

    public function __construct(
        private Liquid $liquid,
        private FilmClock $clock,
    ) {
    }

    /** Longest wavelength in mm that the film still levels; 0 where it flows no more. */
    public function longestWavelengthMm(float $filmMm): float
    {
        if ($this->clock->mobilityInTheEnd() <= 0) {
            return 0.0;
        }
        $tension = $this->liquid->surfaceTensionNM;
        $weight = $this->liquid->weightNM3();
        $needed = 3 * self::LEVELLED_DECAY / (($filmMm / 1000) ** 3 * $this->clock->mobilityInTheEnd());
        $k2 = 2 * $needed / ($weight + sqrt($weight ** 2 + 4 * $tension * $needed));

        return 2000 * M_PI / sqrt($k2);
    }

    /** Thinnest film in mm that levels marks of a wavelength in mm; null where it flows no more. */
    public function thinnestMm(float $markMm): ?float
    {
        if ($this->clock->mobilityInTheEnd() <= 0) {
            return null;
        }
        $cube = 3 * self::LEVELLED_DECAY / ($this->pull($markMm) * $this->clock->mobilityInTheEnd());

        return 1000 * $cube ** (1 / 3);
    }

    /** Minutes until a 100 mm ripple has levelled; null when it never does. */
    public function settleMin(float $filmMm): ?float
    {
        return $this->clock->minutesToMobility($this->mobilityFor(self::LEVELLED_DECAY, $filmMm, self::SETTLING_RIPPLE_MM));
    }

    /** Mobility (m·s/kg) that a decay D of a ripple (mm) takes in a film (mm). */
    public function mobilityFor(float $decay, float $filmMm, float $rippleMm): float
    {
        return 3 * $decay / (($filmMm / 1000) ** 3 * $this->pull($rippleMm));
    }

    /** γk⁴ + ρgk², in N/m⁵. */
    private function pull(float $rippleMm): float
    {
        $k2 = (2000 * M_PI / $rippleMm) ** 2;

        return $this->liquid->surfaceTensionNM * $k2 ** 2 + $this->liquid->weightNM3() * $k2;
    }
}
