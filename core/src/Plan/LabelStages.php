<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Quantity\Sourced;

/** From when on the film can be coated, sanded, handled; hours at the label's temperature. What it does not say is typical, and marked as assumed, or null. */
final readonly class LabelStages
{
    public function __construct(
        public ?Sourced $recoatFromH,
        public ?Sourced $recoatToH,
        public ?Sourced $sandFromH,
        public ?Sourced $handleH,
        public ?Sourced $fullCureH,
    ) {
    }

    /** The same without what the label does not say. */
    public function said(): self
    {
        $own = static fn (?Sourced $hours): ?Sourced => $hours?->isAssumed() === false ? $hours : null;

        return new self($own($this->recoatFromH), $own($this->recoatToH), $own($this->sandFromH), $own($this->handleH), $own($this->fullCureH));
    }

    /**
     * What is taken where the label is silent, by the plan file's field.
     *
     * @return array<string, Sourced>
     */
    public function typical(): array
    {
        $all = ['recoat_from_h' => $this->recoatFromH, 'recoat_to_h' => $this->recoatToH, 'sand_from_h' => $this->sandFromH, 'handle_h' => $this->handleH, 'full_cure_h' => $this->fullCureH];

        return array_filter($all, static fn (?Sourced $hours): bool => $hours?->isAssumed() === true);
    }
}
