<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Message;

use BackedEnum;

/**
 * What is to be said, before it is in any language or units: the key of a sentence, and what fills it.
 *
 * The first part of a key names its catalogue, the second the code that programs go by.
 */
final readonly class Message
{
    /** @param  array<string, self|Measure|Listed|string|int|null>  $values  by the placeholder that they fill */
    private function __construct(public string $key, public array $values)
    {
    }

    /** @param  self|Measure|Listed|string|int|null  ...$values  named as in the sentence; a text is a person's own words */
    public static function of(string $key, self|Measure|Listed|string|int|null ...$values): self
    {
        /** @var array<string, self|Measure|Listed|string|int|null> $values */
        return new self($key, $values);
    }

    /** What one of the trade's choices is called, out of the catalogue of its kind. */
    public static function named(string $catalogue, BackedEnum $choice): self
    {
        return new self($catalogue.'.'.$choice->value, []);
    }
}
