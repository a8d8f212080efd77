<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Document;

/** A piece as a plan file writes it. */
final readonly class PieceEntry extends Entry
{
    public function name(): ?string
    {
        return $this->text('name');
    }

    public function called(string $id, string $name): self
    {
        return $this->with('id', $id)->with('name', $name);
    }
}
