<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Document;

/** A plan as its file writes it. */
final readonly class PlanDocument extends Entry
{
    public const FORMAT = 'open-glaze-plan';

    public const VERSION = 1;

    /** A room, and nothing in it. */
    public static function bare(Entry $studio): self
    {
        return self::from(['format' => self::FORMAT, 'version' => self::VERSION, 'studio' => $studio, 'resins' => [], 'pieces' => [], 'coats' => []]);
    }

    public function studio(): Entry
    {
        return $this->at('studio');
    }

    public function withStudio(Entry $studio): self
    {
        return $this->with('studio', $studio);
    }

    /** @return list<Entry> */
    public function resins(): array
    {
        return $this->entries('resins');
    }

    /** @return list<PieceEntry> */
    public function pieces(): array
    {
        return $this->entries('pieces', PieceEntry::class);
    }

    /** @return list<CoatEntry> */
    public function coats(): array
    {
        return $this->entries('coats', CoatEntry::class);
    }

    /** The coat that lies on top of the others; an empty one where there is none. */
    public function lastCoat(): CoatEntry
    {
        return array_slice($this->coats(), -1)[0] ?? CoatEntry::of();
    }

    /** @return list<BatchEntry> */
    public function batches(): array
    {
        return $this->entries('batches', BatchEntry::class);
    }

    /** @param  list<BatchEntry>  $batches  with none of them the field is not there */
    public function withBatches(array $batches): self
    {
        return $batches === [] ? $this->without('batches') : $this->with('batches', $batches);
    }

    /**
     * A batch goes on without the coats that were taken away, and goes with its last one.
     *
     * @param  list<string>  $coats  those that are there
     */
    public function withBatchesOf(array $coats): self
    {
        return $this->batches() === [] ? $this : $this->with('batches', BatchEntry::allOf($this->batches(), $coats));
    }
}
