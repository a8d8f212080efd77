<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Document;

use JsonSerializable;
use LogicException;
use stdClass;

/**
 * An object of JSON as somebody wrote it down, with all that nobody here knows of it; never changed.
 *
 * What is asked for by a path ("coat.mix.a_ml", "coats.0.kind") and is not there, or is of another type, is null or
 * empty. Another value gives another entry, which shares with this one all that stayed.
 */
readonly class Entry implements JsonSerializable
{
    final private function __construct(private stdClass $written)
    {
    }

    /** @param  stdClass  $written  decoded JSON, which nobody changes from now on */
    final public static function of(stdClass $written = new stdClass): static
    {
        return new static($written);
    }

    /** @param  array<array-key, mixed>  $fields  lists and objects within them as arrays, objects or entries */
    final public static function from(array $fields): static
    {
        return new static(self::object($fields));
    }

    /** For who reads JSON, or writes it: nobody changes it. */
    final public function raw(): stdClass
    {
        return $this->written;
    }

    final public function jsonSerialize(): stdClass
    {
        return $this->written;
    }

    /** What is written is asked for by its path: a property that is looked for here is a mistake. */
    final public function __isset(string $name): never
    {
        throw new LogicException("$name is no property of an entry");
    }

    /** Whether the field stands there, be it with null. */
    final public function has(string $field): bool
    {
        return property_exists($this->written, $field);
    }

    final public function isEmpty(): bool
    {
        return get_object_vars($this->written) === [];
    }

    /** @return array<array-key, mixed> as they are written, by their names; objects as entries */
    final public function fields(): array
    {
        return array_map(self::dressed(...), get_object_vars($this->written));
    }

    /** As it is written; an object as an entry. */
    final public function value(string $path): mixed
    {
        return self::dressed($this->found($path));
    }

    final public function text(string $path): ?string
    {
        $value = $this->found($path);

        return is_string($value) ? $value : null;
    }

    final public function number(string $path): ?float
    {
        $value = $this->found($path);

        return (is_int($value) || is_float($value)) && is_finite((float) $value) ? (float) $value : null;
    }

    /** A number, rounded to a whole one. */
    final public function whole(string $path): ?int
    {
        $value = $this->number($path);

        return $value === null ? null : (int) round($value);
    }

    final public function isTrue(string $path): bool
    {
        return $this->found($path) === true;
    }

    /**
     * The object that stands there, empty where none does.
     *
     * @template T of Entry
     *
     * @param  class-string<T>  $as
     * @return T
     */
    final public function at(string $path, string $as = self::class): self
    {
        $value = $this->found($path);

        return $as::of($value instanceof stdClass ? $value : new stdClass);
    }

    /** The object that stands there, if any. */
    final public function entry(string $path): ?self
    {
        $value = $this->found($path);

        return $value instanceof stdClass ? self::of($value) : null;
    }

    /**
     * The objects of a list.
     *
     * @template T of Entry
     *
     * @param  class-string<T>  $as
     * @return list<T>
     */
    final public function entries(string $path, string $as = self::class): array
    {
        return array_map(static fn (stdClass $one): Entry => $as::of($one), array_values(array_filter($this->list($path), static fn (mixed $one): bool => $one instanceof stdClass)));
    }

    /** @return list<string> the texts of a list */
    final public function texts(string $path): array
    {
        return array_values(array_filter($this->list($path), is_string(...)));
    }

    /** The same with another value, which may be a list or an object in any form; objects on its way that are not there are made. */
    final public function with(string $path, mixed $value): static
    {
        return new static(self::put($this->written, explode('.', $path), self::bare($value)));
    }

    /** The same without some of its fields. */
    final public function without(string ...$fields): static
    {
        $rest = clone $this->written;
        foreach ($fields as $field) {
            unset($rest->{$field});
        }

        return new static($rest);
    }

    /**
     * The same with changed fields laid over it: what is not named stays letter by letter, null takes a field
     * away, a number that is written otherwise stays as it was.
     */
    final public function over(self $changes): static
    {
        return new static(self::laid($this->written, $changes->written));
    }

    private function found(string $path): mixed
    {
        $value = $this->written;
        foreach (explode('.', $path) as $step) {
            $value = match (true) {
                $value instanceof stdClass => $value->{$step} ?? null,
                is_array($value) => $value[$step] ?? null,
                default => null,
            };
        }

        return $value;
    }

    /** @return array<mixed> */
    private function list(string $path): array
    {
        $value = $this->found($path);

        return is_array($value) ? $value : [];
    }

    /**
     * @param  non-empty-list<string>  $steps
     * @return ($holder is stdClass ? stdClass : mixed)
     */
    private static function put(mixed $holder, array $steps, mixed $value): mixed
    {
        $step = array_shift($steps);
        if (is_array($holder)) {
            $holder[(int) $step] = $steps === [] ? $value : self::put($holder[(int) $step] ?? null, $steps, $value);

            return $holder;
        }
        $changed = $holder instanceof stdClass ? clone $holder : new stdClass;
        $changed->{$step} = $steps === [] ? $value : self::put($changed->{$step} ?? null, $steps, $value);

        return $changed;
    }

    private static function laid(stdClass $saved, stdClass $changes): stdClass
    {
        $merged = clone $saved;
        foreach (get_object_vars($changes) as $field => $value) {
            $old = $saved->{$field} ?? null;
            if ($value === null) {
                unset($merged->{$field});
            } elseif ($value instanceof stdClass) {
                $merged->{$field} = self::laid($old instanceof stdClass ? $old : new stdClass, $value);
            } elseif (! self::isSameNumber($old, $value)) {
                $merged->{$field} = $value;
            }
        }

        return $merged;
    }

    private static function isSameNumber(mixed $old, mixed $new): bool
    {
        return (is_int($old) || is_float($old)) && (is_int($new) || is_float($new)) && (float) $old === (float) $new;
    }

    /** @param  array<array-key, mixed>  $fields */
    private static function object(array $fields): stdClass
    {
        $object = new stdClass;
        foreach ($fields as $name => $value) {
            $object->{$name} = self::bare($value);
        }

        return $object;
    }

    /** Objects as entries, in lists too. */
    private static function dressed(mixed $value): mixed
    {
        return match (true) {
            $value instanceof stdClass => self::of($value),
            is_array($value) => array_map(self::dressed(...), $value),
            default => $value,
        };
    }

    private static function bare(mixed $value): mixed
    {
        return match (true) {
            $value instanceof self => $value->written,
            is_array($value) && array_is_list($value) => array_map(self::bare(...), $value),
            is_array($value) => self::object($value),
            default => $value,
        };
    }
}
