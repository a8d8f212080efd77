<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

use OpenGlaze\Core\Document\Entry;

/** The acts that what happened brings, and which of those that were planned they stand in for. */
final readonly class Brought
{
    /**
     * @param  list<Entry>  $acts  as an answer has them
     * @param  list<string>  $insteadOf  kinds of acts, of which none that is still to come counts
     * @param  list<string>|null  $standsFor  acts by their names; null where older rows name only kinds
     */
    public function __construct(
        public array $acts = [],
        public array $insteadOf = [],
        public ?array $standsFor = null,
    ) {
    }

    public static function fromFacts(Entry $facts): self
    {
        return new self($facts->entries('acts'), $facts->texts('instead_of'), $facts->has('stands_for') ? $facts->texts('stands_for') : null);
    }

    /** @return array<string, mixed> */
    public function toFacts(): array
    {
        return [
            ...$this->acts === [] && $this->insteadOf === [] ? [] : ['acts' => $this->acts, 'instead_of' => $this->insteadOf],
            ...$this->standsFor === null ? [] : ['stands_for' => $this->standsFor],
        ];
    }

    /** Whether it stands in for an act; where it does not say for which, for those of its kinds that were to come later. */
    public function standsFor(Entry $act, float $atMin): bool
    {
        return $this->standsFor !== null ? in_array($act->text('id'), $this->standsFor, true)
            : in_array($act->text('kind'), $this->insteadOf, true) && ($act->number('due_min') ?? 0.0) > $atMin;
    }
}
