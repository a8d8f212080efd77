<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Reading;

use BackedEnum;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Plan\Faults;
use OpenGlaze\Core\Quantity\Origin;
use OpenGlaze\Core\Quantity\Sourced;
use stdClass;

/**
 * One object of a plan file while it is read: takes its fields by name, and notes what is wrong at
 * each field's JSON pointer. A faulty field reads as a harmless value, so that all faults are found
 * in one reading; the faults are what decides.
 */
final readonly class Node
{
    private const LONGEST_TEXT = 500;

    public function __construct(
        private stdClass $object,
        public string $pointer,
        private Faults $faults,
        private Origin $origin,
    ) {
    }

    /** The same object, its numbers taken to come from elsewhere. */
    public function saying(Origin $origin): self
    {
        return new self($this->object, $this->pointer, $this->faults, $origin);
    }

    public function has(string $field): bool
    {
        return property_exists($this->object, $field) && $this->object->{$field} !== null;
    }

    public function raw(string $field): mixed
    {
        return $this->object->{$field} ?? null;
    }

    public function at(string $field): string
    {
        return $this->pointer.'/'.strtr($field, ['~' => '~0', '/' => '~1']);
    }

    public function fault(string $field, Message $what): void
    {
        $this->faults->add($this->at($field), $what);
    }

    /** A fault of the object as a whole. */
    public function faultHere(Message $what): void
    {
        $this->faults->add($this->pointer, $what);
    }

    /** A fault of one entry of a list of plain values. */
    public function faultAtEntry(string $field, int $index, Message $what): void
    {
        $this->faults->add($this->at($field).'/'.$index, $what);
    }

    public function number(string $field, float $least, float $most, string $unit = ''): Sourced
    {
        return $this->optionalNumber($field, $least, $most, $unit) ?? $this->missing($field);
    }

    public function numberOr(string $field, float $default, float $least, float $most, string $unit = ''): Sourced
    {
        return $this->optionalNumber($field, $least, $most, $unit) ?? Sourced::assumed($default);
    }

    public function optionalNumber(string $field, float $least, float $most, string $unit = ''): ?Sourced
    {
        if (! $this->has($field)) {
            return null;
        }
        $value = $this->raw($field);
        if (! is_int($value) && ! is_float($value)) {
            $this->fault($field, $this->range('plan.number', null, $least, $most, $unit));

            return Sourced::assumed($least);
        }
        if (! is_finite((float) $value) || $value < $least || $value > $most) {
            $this->fault($field, $this->range('plan.out_of_range', $this->shown($value), $least, $most, $unit));

            return Sourced::assumed($least);
        }

        return Sourced::from((float) $value, $this->origin);
    }

    public function wholeOr(string $field, int $default, int $least, int $most): int
    {
        if (! $this->has($field)) {
            return $default;
        }
        $value = $this->raw($field);
        if ((! is_int($value) && ! (is_float($value) && floor($value) === $value)) || $value < $least || $value > $most) {
            $this->fault($field, Message::of('plan.whole_number', least: $least, most: Measure::count($most)));

            return $default;
        }

        return (int) $value;
    }

    public function boolOr(string $field, bool $default): bool
    {
        $value = $this->raw($field) ?? $default;
        if (! is_bool($value)) {
            $this->fault($field, Message::of('plan.true_or_false'));

            return $default;
        }

        return $value;
    }

    public function text(string $field, int $longest = self::LONGEST_TEXT): string
    {
        $value = $this->raw($field);
        if (! is_string($value) || trim($value) === '') {
            $this->fault($field, $this->has($field) ? Message::of('plan.text') : Message::of('plan.missing'));

            return '';
        }
        if (strlen($value) > $longest && mb_strlen($value) > $longest) {
            $this->fault($field, Message::of('plan.too_long', most: Measure::count($longest)));
        }

        return $value;
    }

    public function textOr(string $field, string $default): string
    {
        return $this->has($field) ? $this->text($field) : $default;
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $enum
     * @param  T|null  $default  when the field may be missing
     * @return T|null null when it is faulty
     */
    public function choice(string $field, string $enum, ?BackedEnum $default = null): ?BackedEnum
    {
        if (! $this->has($field)) {
            if ($default === null) {
                $this->fault($field, Message::of('plan.missing'));
            }

            return $default;
        }
        $value = $this->raw($field);
        $case = is_string($value) ? $enum::tryFrom($value) : null;
        if ($case === null) {
            $allowed = implode(', ', array_map(static fn (BackedEnum $case): string => (string) $case->value, $enum::cases()));
            $this->fault($field, Message::of('plan.not_known', written: $this->shown($value), allowed: $allowed));
        }

        return $case;
    }

    /** The field as an object; an empty one when it is missing or is none, with the fault noted. */
    public function object(string $field): self
    {
        $value = $this->raw($field);
        if (! $value instanceof stdClass) {
            $this->fault($field, $this->has($field) ? Message::of('plan.object') : Message::of('plan.missing'));
            $value = new stdClass;
            $this->faults->mute($this->at($field));
        }

        return new self($value, $this->at($field), $this->faults, $this->origin);
    }

    /**
     * The field's list of objects; empty when it is missing.
     *
     * @return list<self>
     */
    public function objects(string $field, int $most): array
    {
        if (! $this->has($field)) {
            return [];
        }
        $value = $this->raw($field);
        if (! is_array($value)) {
            $this->fault($field, Message::of('plan.list'));

            return [];
        }
        if (count($value) > $most) {
            $this->fault($field, Message::of('plan.many_entries', count: Measure::count(count($value)), most: Measure::count($most)));

            return [];
        }
        $nodes = [];
        foreach (array_values($value) as $index => $entry) {
            if ($entry instanceof stdClass) {
                $nodes[] = new self($entry, $this->at($field).'/'.$index, $this->faults, $this->origin);
            } else {
                $this->faults->add($this->at($field).'/'.$index, Message::of('plan.object'));
            }
        }

        return $nodes;
    }

    /** Notes a fault when the field asks for what is not computed. */
    public function refuse(string $field, Message $what, int|string|bool|null $harmless = null): void
    {
        $value = $this->raw($field);
        $isHarmless = $value === null || $value === [] || $value === $harmless || (is_float($value) && $value === (float) $harmless);
        if (! $isHarmless) {
            $this->fault($field, $what);
        }
    }

    private function missing(string $field): Sourced
    {
        if ($this->raw($field) === null) {
            $this->fault($field, Message::of('plan.missing'));
        }

        return Sourced::assumed(1.0);
    }

    private function range(string $key, Message|string|null $written, float $least, float $most, string $unit): Message
    {
        return Message::of(
            $key,
            written: $written,
            least: Measure::number($least, 3),
            most: $most >= 1000 ? Measure::count($most) : Measure::number($most, 3),
            unit: $unit === '' ? '' : ' '.$unit,
        );
    }

    private function shown(mixed $value): Message|string
    {
        return match (true) {
            is_string($value) => '"'.(mb_strlen($value) > 40 ? mb_substr($value, 0, 40).'…' : $value).'"',
            is_int($value), is_float($value) => is_finite((float) $value) ? (string) $value : Message::of('plan.number_this_large'),
            is_bool($value) => $value ? 'true' : 'false',
            default => Message::of('plan.this'),
        };
    }
}
