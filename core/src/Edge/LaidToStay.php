<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Edge;

use OpenGlaze\Core\Film\Liquid;
use OpenGlaze\Core\Numeric\Root;

/** How much is to be laid on a face so that a wanted film stays on it, and where that makes no sense any more. */
final readonly class LaidToStay
{
    /** No film is laid thicker than this to lose most of it, mm. */
    public const MOST_MM = 20.0;

    /** Another millimetre laid must add as much, mm. */
    private const LEAST_GAIN = 0.02;

    public function __construct(
        private DrainingFace $face,
        private Liquid $liquid,
        private float $mobilityInTheEnd,
    ) {
    }

    /** What stays of a film laid, mm. */
    public function staysMm(float $laidMm): float
    {
        return (new RunningFilm($laidMm, $this->face, $this->liquid))->meanMm($this->mobilityInTheEnd);
    }

    /**
     * The film to lay, mm.
     *
     * @param  float  $staysMm  that is wanted, above 0
     * @return float|null null where it cannot sensibly be had: see mostMm()
     */
    public function laidMm(float $staysMm): ?float
    {
        if ($staysMm <= $this->face->keepsMm) {
            return $staysMm;
        }
        if ($staysMm >= self::MOST_MM || $this->staysMm(self::MOST_MM) < $staysMm) {
            return null;
        }
        $laid = Root::of(fn (float $mm): float => $this->staysMm($mm) - $staysMm, $staysMm, self::MOST_MM, 1e-9, 1e-9);

        return $this->gain($laid) < self::LEAST_GAIN ? null : $laid;
    }

    /** The most that can sensibly stay, mm: up to where another millimetre laid adds 0.02 mm, or 20 mm are laid. */
    public function mostMm(): float
    {
        if ($this->gain(self::MOST_MM) >= self::LEAST_GAIN) {
            return $this->staysMm(self::MOST_MM);
        }
        if ($this->gain($this->face->keepsMm) < self::LEAST_GAIN) {
            return $this->face->keepsMm;
        }

        return $this->staysMm(Root::of(fn (float $mm): float => $this->gain($mm) - self::LEAST_GAIN, $this->face->keepsMm, self::MOST_MM, 1e-6, 1e-9));
    }

    private function gain(float $laidMm): float
    {
        return $this->staysMm($laidMm + 1) - $this->staysMm($laidMm);
    }
}
