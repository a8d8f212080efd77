<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Message;

/** Several things said one after the other. */
final readonly class Listed
{
    /** @param  list<Message|Measure|string>  $parts */
    private function __construct(public string $style, public array $parts)
    {
    }

    /** @param  list<Message|Measure|string>  $parts */
    public static function commas(array $parts): self
    {
        return new self('commas', $parts);
    }

    /**
     * The last is joined by "and".
     *
     * @param  list<Message|Measure|string>  $parts
     */
    public static function and(array $parts): self
    {
        return new self('and', $parts);
    }

    /**
     * Parts that may hold commas.
     *
     * @param  list<Message|Measure|string>  $parts
     */
    public static function semicolons(array $parts): self
    {
        return new self('semicolons', $parts);
    }

    /**
     * One or the other, as "2 of these, or 3 of those".
     *
     * @param  list<Message|Measure|string>  $parts
     */
    public static function orOf(array $parts): self
    {
        return new self('or_of', $parts);
    }

    /**
     * Whole sentences.
     *
     * @param  list<Message|Measure|string>  $parts
     */
    public static function sentences(array $parts): self
    {
        return new self('sentences', $parts);
    }

    /**
     * Ways, any of which does.
     *
     * @param  list<Message|Measure|string>  $parts
     */
    public static function or(array $parts): self
    {
        return new self('or', $parts);
    }
}
