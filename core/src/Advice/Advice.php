<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Advice;

use OpenGlaze\Core\Message\Message;

/** One thing the core has to say about a coat or a batch: what to do, then why; and which figure it hangs on. */
final readonly class Advice
{
    /** @param  list<Remedy>  $remedies  any of them takes its reason away; the one that changes least first */
    private function __construct(
        public string $code,
        public Level $level,
        public Message $said,
        public Topic $topic,
        public array $remedies = [],
    ) {
    }

    public static function note(Topic $topic, Message $said, Remedy ...$remedies): self
    {
        return new self(self::code($said), Level::Note, $said, $topic, array_values($remedies));
    }

    public static function caution(Topic $topic, Message $said, Remedy ...$remedies): self
    {
        return new self(self::code($said), Level::Caution, $said, $topic, array_values($remedies));
    }

    public static function stop(Topic $topic, Message $said, Remedy ...$remedies): self
    {
        return new self(self::code($said), Level::Stop, $said, $topic, array_values($remedies));
    }

    /**
     * Stops first, then cautions, then notes; of each as they were.
     *
     * @param  list<self>  $advice
     * @return list<self>
     */
    public static function stopsFirst(array $advice): array
    {
        usort($advice, static fn (self $a, self $b): int => $a->level->rank() <=> $b->level->rank());

        return $advice;
    }

    /**
     * @param  list<self>  $advice
     * @return list<self>
     */
    public static function stops(array $advice): array
    {
        return array_values(array_filter($advice, static fn (self $one): bool => $one->level === Level::Stop));
    }

    /** "advice.hot_batch.over" is said of what programs know as hot_batch. */
    private static function code(Message $said): string
    {
        return explode('.', $said->key)[1];
    }
}
