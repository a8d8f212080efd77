<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Trace;

use OpenGlaze\Core\Message\Message;

/**
 * How one figure came about: the formula in words, the same as an expression over named inputs, and the result.
 *
 * The expression uses + - * / **, brackets, pi and the functions sqrt, exp, ln, log10, sin, min and
 * max; for a room whose temperature changes also age_to_minutes, mobility_to_minutes and
 * viscosity_to_minutes, which stand for the integration of the film's clock. dome_mean, dome_angle
 * and dome_centre stand for the solved dome, thinned, overflow, laid_to_stay and drip_to_minutes for the solved flow over an
 * edge, gathered for the series of a film on a slope, layer_peak, lump_peak, own_heat_to_minutes and cup_age_to_minutes for the followed heat,
 * cup_height for the shape of a vessel.
 */
final readonly class Trace
{
    /** @param  list<TraceInput>  $inputs */
    public function __construct(
        public string $figure,
        public Message $label,
        public string $unit,
        public ?float $result,
        public Message $words,
        public string $expression,
        public array $inputs,
        public ?Message $note = null,
    ) {
    }
}
