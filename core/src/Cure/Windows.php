<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Cure;

use OpenGlaze\Core\Film\FilmClock;
use OpenGlaze\Core\Quantity\Sourced;

/** When the film can be coated, sanded, handled and used, in hours from the end of its pour; null where the label is silent. */
final readonly class Windows
{
    private function __construct(
        public ?float $recoatFromH,
        public ?float $recoatToH,
        public ?float $sandFromH,
        public ?float $handleH,
        public ?float $fullCureH,
    ) {
    }

    /** The label's times are ages in hours; in a warm room they come sooner, in a cold one later. */
    public static function of(
        FilmClock $clock,
        ?Sourced $recoatFromH,
        ?Sourced $recoatToH,
        ?Sourced $sandFromH,
        ?Sourced $handleH,
        ?Sourced $fullCureH,
    ): self {
        $hours = static fn (?Sourced $label): ?float => $label === null ? null : $clock->minutesToAge($label->value * 60) / 60;

        return new self($hours($recoatFromH), $hours($recoatToH), $hours($sandFromH), $hours($handleH), $hours($fullCureH));
    }
}
