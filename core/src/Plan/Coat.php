<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

/** One coat of one piece, as the plan asks for it. */
final readonly class Coat
{
    public function __construct(
        public string $id,
        public string $pieceId,
        public string $resinId,
        public CoatKind $kind,
        public AskedFilm $asked,
        public Manner $manner,
        public Ground $ground,
    ) {
    }

    public function isOpen(): bool
    {
        return $this->asked->containment === Containment::Open;
    }

    public function isHeld(): bool
    {
        return $this->asked->containment === Containment::Held;
    }

    public function isDammed(): bool
    {
        return $this->asked->containment === Containment::Dammed;
    }

    /** Whether its film is to level: what is brushed out need not, what keeps its shape must not. */
    public function mustLevel(): bool
    {
        return $this->kind->mustLevel() && ! $this->keepsItsShape();
    }

    /** Drops, lines and what is placed thick are to keep their shape. */
    public function keepsItsShape(): bool
    {
        return $this->asked->containment === Containment::Placed || $this->manner->laying->keepsItsShape();
    }
}
