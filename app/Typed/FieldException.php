<?php

declare(strict_types=1);

namespace App\Typed;

use DomainException;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Message\Speaker;
use OpenGlaze\Core\Plan\Fault;
use OpenGlaze\Core\Plan\PlanException;

/** Something typed cannot be used; carries what is to be said at each field, by the field's name on the screen. */
final class FieldException extends DomainException
{
    /** @param  non-empty-array<string, Message|string>  $said  a text is data for the page */
    private function __construct(public readonly array $said)
    {
        parent::__construct(implode(' ', array_keys($said)));
    }

    /** @param  non-empty-array<string, Message|string>  $said  a text is data for the page */
    public static function at(array $said): self
    {
        return new self($said);
    }

    /** @return non-empty-array<string, string> by field */
    public function sentences(Speaker $speaker): array
    {
        return array_map(static fn (Message|string $one): string => is_string($one) ? $one : $speaker->say($one), $this->said);
    }

    /** @return array<string, string> what is wrong, by field, for programs */
    public function codes(): array
    {
        return array_map(static fn (Message $one): string => $one->key, array_filter($this->said, static fn (Message|string $one): bool => $one instanceof Message));
    }

    /** Whether all that is said is about fields whose names begin so. */
    public function isOf(string $prefix): bool
    {
        return array_filter(array_keys($this->said), static fn (string $field): bool => ! str_starts_with($field, $prefix)) === [];
    }

    /**
     * The plan's faults at the fields that they came from.
     *
     * @param  array<string, string>  $fields  beginning of a field's name by beginning of the pointer
     */
    public static function fromPlan(PlanException $exception, array $fields): self
    {
        $said = [];
        foreach ($exception->faults as $fault) {
            $said[self::fieldOf($fault, $fields)] ??= $fault->said;
        }

        return new self($said);
    }

    /** @param  array<string, string>  $fields */
    private static function fieldOf(Fault $fault, array $fields): string
    {
        foreach ($fields as $pointer => $prefix) {
            if (str_starts_with($fault->pointer, $pointer)) {
                return $prefix.str_replace('/', '.', substr($fault->pointer, strlen($pointer)));
            }
        }

        return 'form';
    }
}
