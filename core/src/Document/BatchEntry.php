<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Document;

/** A batch as a plan file writes it: what it names, by where a name stands and not by how it reads. */
final readonly class BatchEntry extends Entry
{
    /**
     * Batches without the coats that are not there, and those of them that still have any.
     *
     * @param  list<self>  $batches
     * @param  list<string>  $coats  those that are there
     * @return list<self>
     */
    public static function allOf(array $batches, array $coats): array
    {
        return array_values(array_filter(
            array_map(static fn (self $batch): self => $batch->only($coats), $batches),
            static fn (self $batch): bool => $batch->coats() !== [],
        ));
    }

    /**
     * @param  list<self>  $batches
     * @return list<string> ids of all their coats
     */
    public static function coatsOfAll(array $batches): array
    {
        return array_merge(...array_map(static fn (self $batch): array => $batch->coats(), $batches));
    }

    public function id(): string
    {
        return $this->text('id') ?? '';
    }

    /** @return list<string> ids, in the order in which they are poured */
    public function coats(): array
    {
        return $this->texts('coats');
    }

    /** How many pieces of a coat are poured from it, where it is not all. */
    public function count(string $coat): ?int
    {
        $count = $this->counts()[$coat] ?? null;

        return is_int($count) || is_float($count) ? (int) $count : null;
    }

    public function vessel(): ?string
    {
        return $this->text('vessel');
    }

    /** How many of its vessel it takes. */
    public function cups(): int
    {
        return $this->whole('cups') ?? 1;
    }

    /** @return list<DosedEntry> */
    public function colourCups(): array
    {
        return $this->entries('colours', DosedEntry::class);
    }

    /** @return list<string> ids of the recipes that its colour cups name */
    public function recipes(): array
    {
        return array_values(array_filter(array_map(static fn (Entry $cup): ?string => $cup->text('recipe'), $this->colourCups()), is_string(...)));
    }

    /** @return list<string> ids of the colourants of its colour cups' own doses */
    public function colourants(): array
    {
        return array_merge(...array_map(static fn (DosedEntry $cup): array => $cup->colourants(), $this->colourCups()));
    }

    /**
     * The same, of no other coats than these.
     *
     * @param  list<string>  $coats
     */
    public function only(array $coats): self
    {
        $own = array_values(array_intersect($this->coats(), $coats));
        $batch = $this->with('coats', $own);
        if ($this->entry('counts') !== null) {
            $batch = $batch->with('counts', self::map(array_intersect_key($this->counts(), array_flip($own))));
        }

        return $batch->ofColourCups(static fn (array $named): array => array_intersect($named, $own));
    }

    /**
     * The same, its coats by other ids.
     *
     * @param  array<string, string>  $ids  new by old
     */
    public function renamed(array $ids): self
    {
        $new = static fn (int|string $id): string => $ids[$id] ?? (string) $id;
        $batch = $this->with('coats', array_map($new, $this->coats()));
        $counts = $this->counts();
        if ($counts !== []) {
            $batch = $batch->with('counts', self::map(array_combine(array_map($new, array_keys($counts)), $counts)));
        }

        return $batch->ofColourCups(static fn (array $named): array => array_map($new, $named));
    }

    /**
     * With so many pieces of a coat in it; none takes the coat out of it, and out of its colour cups.
     *
     * @param  int|null  $at  its place among the coats; where it was, or last, if it is not said
     * @param  int  $all  how many pieces the coat has
     */
    public function holding(string $coat, int $count, int $all, ?int $at): self
    {
        $before = array_search($coat, $this->coats(), true);
        $coats = array_values(array_diff($this->coats(), [$coat]));
        $counts = $this->counts();
        unset($counts[$coat]);
        if ($count > 0) {
            array_splice($coats, $at ?? ($before === false ? count($coats) : $before), 0, [$coat]);
            if ($count < $all) {
                $counts[$coat] = $count;
            }
        }
        $batch = $this->with('coats', $coats);
        $batch = $counts === [] ? $batch->without('counts') : $batch->with('counts', self::map($counts));

        return $batch->ofColourCups(static fn (array $named): array => array_intersect($named, $coats));
    }

    /** In a vessel; in none where it is not said. */
    public function in(?string $vessel): self
    {
        return $vessel === null ? $this->without('vessel') : $this->with('vessel', $vessel);
    }

    /** @return array<array-key, mixed> by coat */
    private function counts(): array
    {
        return $this->at('counts')->fields();
    }

    /**
     * The same, its colour cups for other coats, where they name any.
     *
     * @param  callable(list<string>): array<string>  $coats  of those that a cup names
     */
    private function ofColourCups(callable $coats): self
    {
        $cups = $this->colourCups();

        return $cups === [] ? $this : $this->with('colours', array_map(
            static fn (DosedEntry $cup): DosedEntry => $cup->has('coats') ? $cup->with('coats', array_values($coats($cup->texts('coats')))) : $cup,
            $cups,
        ));
    }

    /**
     * An object, also where its keys are numbers or it has none.
     *
     * @param  array<array-key, mixed>  $fields
     */
    private static function map(array $fields): Entry
    {
        return Entry::from(array_combine(array_map(strval(...), array_keys($fields)), $fields));
    }
}
