<?php

declare(strict_types=1);

namespace App\Journal;

use DomainException;
use OpenGlaze\Core\Journal\Refusal;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;

/** Something cannot ever be written down as it was sent; says why by a code, and at which field where it was typed. */
final class Refused extends DomainException
{
    /** @param  array<string, string|int|Measure|Message>  $quantities  that its sentence names */
    private function __construct(
        public readonly Refusal $why,
        public readonly string $field,
        public readonly array $quantities,
    ) {
        parent::__construct($why->value);
    }

    /** @param  array<string, string|int|Measure|Message>  $quantities */
    public static function because(Refusal $why, string $field = 'form', array $quantities = []): self
    {
        return new self($why, $field, $quantities);
    }

    public function said(): Message
    {
        return Message::of('journal.refused.'.$this->why->value, ...$this->quantities);
    }
}
