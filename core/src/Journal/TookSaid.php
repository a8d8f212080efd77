<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

use OpenGlaze\Core\Document\Entry;

/** What somebody said that a pour took; what was left unsaid is null. */
final readonly class TookSaid implements FilmFact
{
    public function __construct(
        public ?Amount $a = null,
        public ?Amount $b = null,
        /** weighed in the tray below the piece, g */
        public ?float $trayG = null,
        /** of the mix, in the cup that was weighed back, g */
        public ?float $leftG = null,
        public ?string $note = null,
        public ?string $photo = null,
    ) {
    }

    public static function fromFacts(Entry $facts): self
    {
        return new self(Amount::from($facts->entry('a')), Amount::from($facts->entry('b')), $facts->number('tray_g'), $facts->number('left_g'), $facts->text('note'), $facts->text('photo'));
    }

    public function toFacts(): Entry
    {
        return Entry::from(array_filter([
            'a' => $this->a?->toFacts(),
            'b' => $this->b?->toFacts(),
            'tray_g' => $this->trayG,
            'left_g' => $this->leftG,
            'note' => $this->note,
            'photo' => $this->photo,
        ], static fn (mixed $said): bool => $said !== null));
    }
}
