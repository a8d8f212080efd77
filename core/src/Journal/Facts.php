<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

use stdClass;

/** What an event says besides that it happened; a fact that is not there, or is of another type, is null. */
final readonly class Facts
{
    /** @param  array<array-key, mixed>  $said */
    public function __construct(private array $said = [])
    {
    }

    /** Whether something was said of it, be it that it is unknown. */
    public function has(string $name): bool
    {
        return array_key_exists($name, $this->said);
    }

    public function text(string $name): ?string
    {
        $value = $this->said[$name] ?? null;

        return is_string($value) ? $value : null;
    }

    public function number(string $name): ?float
    {
        $value = $this->said[$name] ?? null;

        return (is_int($value) || is_float($value)) && is_finite((float) $value) ? (float) $value : null;
    }

    public function moment(string $name): ?int
    {
        $value = $this->number($name);

        return $value === null ? null : (int) round($value);
    }

    /** A fact that is an object of a document, as it was written; the core does not look into it. */
    public function object(string $name): ?stdClass
    {
        $value = $this->said[$name] ?? null;

        return $value instanceof stdClass ? $value : null;
    }

    /** Facts within a fact. */
    public function facts(string $name): ?self
    {
        $value = $this->said[$name] ?? null;
        if (is_object($value)) {
            $value = get_object_vars($value);
        }

        return is_array($value) ? new self($value) : null;
    }

    /** @return list<self> of a fact that is a list of such */
    public function list(string $name): array
    {
        $inner = $this->facts($name);
        $list = [];
        foreach (array_keys($inner->said ?? []) as $key) {
            $one = $inner?->facts((string) $key);
            if ($one !== null) {
                $list[] = $one;
            }
        }

        return $list;
    }
}
