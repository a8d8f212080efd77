<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Advice;

/** One thing the core has to say about a coat: what to do, then why; and which figure it hangs on. */
final readonly class Advice
{
    /** @param  list<Remedy>  $remedies  any of them takes its reason away; the one that changes least first */
    private function __construct(
        public string $code,
        public Level $level,
        public string $text,
        public Topic $topic,
        public array $remedies = [],
    ) {
    }

    public static function note(string $code, Topic $topic, string $text, Remedy ...$remedies): self
    {
        return new self($code, Level::Note, $text, $topic, array_values($remedies));
    }

    public static function caution(string $code, Topic $topic, string $text, Remedy ...$remedies): self
    {
        return new self($code, Level::Caution, $text, $topic, array_values($remedies));
    }

    public static function stop(string $code, Topic $topic, string $text, Remedy ...$remedies): self
    {
        return new self($code, Level::Stop, $text, $topic, array_values($remedies));
    }
}
