<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Trace;

use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Quantity\Origin;
use OpenGlaze\Core\Quantity\Sourced;

/** One number that went into a figure: its symbol in the expression, its name, unit and where it came from. */
final readonly class TraceInput
{
    private function __construct(
        public string $symbol,
        public Message $label,
        public float $value,
        public string $unit,
        public Origin $origin,
        public ?string $figure,
    ) {
    }

    public static function sourced(string $symbol, Message $label, Sourced $value, string $unit): self
    {
        return new self($symbol, $label, $value->value, $unit, $value->origin, null);
    }

    public static function given(string $symbol, Message $label, float $value, string $unit, Origin $origin): self
    {
        return new self($symbol, $label, $value, $unit, $origin, null);
    }

    public static function constant(string $symbol, Message $label, float $value, string $unit): self
    {
        return new self($symbol, $label, $value, $unit, Origin::Constant, null);
    }

    /** A number that is a figure itself, and has its own trace when one is named. */
    public static function computed(string $symbol, Message $label, float $value, string $unit, ?string $figure = null): self
    {
        return new self($symbol, $label, $value, $unit, Origin::Computed, $figure);
    }
}
