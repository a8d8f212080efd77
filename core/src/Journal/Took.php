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

    /** @param  int|null  $atMs  when it was written down, ms since 1970; null for what only its cup tells */
    public function with(TookSaid $said, ?int $atMs): self
    {
        return new self(
            $said->a ?? $this->a,
            $said->b ?? $this->b,
            $said->trayG ?? $this->trayG,
            $said->leftG ?? $this->leftG,
            $said->note ?? $this->note,
            $said->photo ?? $this->photo,
            $this->writtenMs ?? $atMs,
        );
    }

    public function isWritten(): bool
    {
        return $this->writtenMs !== null;
    }
}
