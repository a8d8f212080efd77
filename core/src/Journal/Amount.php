<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

use OpenGlaze\Core\Document\Entry;

/** How much of a part went in, and how one knows. */
final readonly class Amount
{
    private function __construct(
        /** null where nobody knows it */
        public ?float $ml,
        public Known $how,
    ) {
    }

    /** Null where nothing was said of it. */
    public static function from(?Entry $facts): ?self
    {
        $how = $facts === null ? null : Known::tryFrom($facts->text('how') ?? '');
        if ($facts === null || $how === null) {
            return null;
        }

        return new self($how === Known::Unknown ? null : $facts->number('ml'), $how);
    }

    /** @return array{ml?: float|null, how: string} */
    public function toFacts(): array
    {
        return [...$this->how === Known::Unknown ? [] : ['ml' => $this->ml], 'how' => $this->how->value];
    }
}
