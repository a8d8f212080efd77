<?php

declare(strict_types=1);

namespace App\Typed;

use DomainException;
use OpenGlaze\Core\Plan\Fault;
use OpenGlaze\Core\Plan\PlanException;

/** Something typed cannot be used; carries one sentence for each field, by the field's name on the screen. */
final class FieldException extends DomainException
{
    /** @param  non-empty-array<string, string>  $sentences */
    private function __construct(public readonly array $sentences)
    {
        parent::__construct(implode(' ', $sentences));
    }

    /** @param  non-empty-array<string, string>  $sentences */
    public static function at(array $sentences): self
    {
        return new self($sentences);
    }

    /** Whether all that is said is about fields whose names begin so. */
    public function isOf(string $prefix): bool
    {
        return array_filter(array_keys($this->sentences), static fn (string $field): bool => ! str_starts_with($field, $prefix)) === [];
    }

    /**
     * The plan's faults at the fields that they came from.
     *
     * @param  array<string, string>  $fields  beginning of a field's name by beginning of the pointer
     */
    public static function fromPlan(PlanException $exception, array $fields): self
    {
        $sentences = [];
        foreach ($exception->faults as $fault) {
            $sentences[self::fieldOf($fault, $fields)] ??= $fault->sentence;
        }

        return new self($sentences);
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
