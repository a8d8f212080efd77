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

    /** The label's own times, which are ages at its reference temperature. */
    public static function onLabel(
        ?Sourced $recoatFromH,
        ?Sourced $recoatToH,
        ?Sourced $sandFromH,
        ?Sourced $handleH,
        ?Sourced $fullCureH,
    ): self {
        return new self($recoatFromH?->value, $recoatToH?->value, $sandFromH?->value, $handleH?->value, $fullCureH?->value);
    }

    /** The same with a window that shuts after so many hours; null for as it is. */
    public function shutBy(?float $recoatToH): self
    {
        return $recoatToH === null ? $this : new self($this->recoatFromH, $recoatToH, $this->sandFromH, $this->handleH, $this->fullCureH);
    }

    /** The same by a film's clock: sooner in a warm room, later in a cold one. */
    public function by(FilmClock $clock): self
    {
        $hours = static fn (?float $label): ?float => $label === null ? null : $clock->minutesToAge($label * 60) / 60;

        return new self($hours($this->recoatFromH), $hours($this->recoatToH), $hours($this->sandFromH), $hours($this->handleH), $hours($this->fullCureH));
    }
}
