<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Advice;

/** One thing the core has to say about a coat: what to do, then why; and which figure it hangs on. */
final readonly class Advice
{
    private function __construct(
        public string $code,
        public Level $level,
        public string $text,
        public Topic $topic,
    ) {
    }

    public static function note(string $code, Topic $topic, string $text): self
    {
        return new self($code, Level::Note, $text, $topic);
    }

    public static function caution(string $code, Topic $topic, string $text): self
    {
        return new self($code, Level::Caution, $text, $topic);
    }

    public static function stop(string $code, Topic $topic, string $text): self
    {
        return new self($code, Level::Stop, $text, $topic);
    }
}
