<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

use OpenGlaze\Core\Document\Entry;

/** Something that happened at the bench: written once, never changed. */
final readonly class Event
{
    private function __construct(
        public string $id,
        public EventKind $kind,
        public Press $press,
        public Entry $facts,
        /** the same, read */
        public Fact $said,
        /** when it happened, ms since 1970 by the studio's clock */
        public int $atMs,
    ) {
    }

    /** @param  string  $id  a UUID, made where it was pressed */
    public static function of(string $id, EventKind $kind, Press $press, ?Entry $facts = null): self
    {
        $facts ??= Entry::of();

        return new self($id, $kind, $press, $facts, $kind->read($facts), $press->correctedMs());
    }

    /** The same, placed at another moment; see Order. */
    public function at(int $ms): self
    {
        return new self($this->id, $this->kind, $this->press, $this->facts, $this->said, $ms);
    }
}
