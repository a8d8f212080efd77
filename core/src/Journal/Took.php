<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

/** What a pour took, as far as it was said: what is said later takes the place of what was said before, what is left unsaid does not. */
final readonly class Took
{
    private function __construct(
        public ?Amount $a,
        public ?Amount $b,
        /** weighed in the tray below the piece, g */
        public ?float $trayG,
        /** of the mix, in the cup that was weighed back, g; of the whole cup where others were poured from it too */
        public ?float $leftG,
        public ?string $note,
        public ?string $photo,
        /** when it was first written down, ms since 1970 */
        public ?int $writtenMs,
    ) {
    }

    public static function nothing(): self
    {
        return new self(null, null, null, null, null, null, null);
    }

    public function with(Event $event): self
    {
        $facts = $event->facts;

        return new self(
            Amount::from($facts->entry('a')) ?? $this->a,
            Amount::from($facts->entry('b')) ?? $this->b,
            $facts->number('tray_g') ?? $this->trayG,
            $facts->number('left_g') ?? $this->leftG,
            $facts->text('note') ?? $this->note,
            $facts->text('photo') ?? $this->photo,
            $this->writtenMs ?? ($event->kind === EventKind::Took ? $event->atMs : null),
        );
    }

    public function isWritten(): bool
    {
        return $this->writtenMs !== null;
    }
}
