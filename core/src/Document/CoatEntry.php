<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Document;

/** A coat as a plan file writes it. */
final readonly class CoatEntry extends Entry
{
    /** Fields that belong to its piece alone, and do not go along to another. */
    private const OF_ONE_PIECE = ['id', 'piece', 'resin', 'steps', 'zone', 'inclusions', 'displaced_ml'];

    public function kind(): string
    {
        return $this->text('kind') ?? 'flood';
    }

    /** @return list<string> the colours that it is laid in, as they are called */
    public function colours(): array
    {
        return array_map(static fn (Entry $part): string => $part->text('colour') ?? '', $this->entries('parts'));
    }

    public function sizeBy(): Entry
    {
        return $this->at('size_by');
    }

    public function sizedBy(Entry $size): self
    {
        return $this->with('size_by', $size);
    }

    /** Where it lies and what with, by the ids of its document. */
    public function laid(string $id, string $piece, string $resin): self
    {
        return $this->with('id', $id)->with('piece', $piece)->with('resin', $resin);
    }

    /** The same, without what is ticked off of its steps. */
    public function toBeDone(): self
    {
        return $this->without('steps');
    }

    /** What of it can be laid on any piece. */
    public function forAnyPiece(): self
    {
        return $this->without(...self::OF_ONE_PIECE);
    }
}
