<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Quantity;

/** A number together with where it came from. The unit stands in the name of what holds it. */
final readonly class Sourced
{
    private function __construct(
        public float $value,
        public Origin $origin,
    ) {
    }

    public static function entered(float $value): self
    {
        return new self($value, Origin::Entered);
    }

    public static function label(float $value): self
    {
        return new self($value, Origin::Label);
    }

    public static function measured(float $value): self
    {
        return new self($value, Origin::Measured);
    }

    public static function assumed(float $value): self
    {
        return new self($value, Origin::Assumed);
    }

    public static function from(float $value, Origin $origin): self
    {
        return new self($value, $origin);
    }

    public function isAssumed(): bool
    {
        return $this->origin === Origin::Assumed;
    }
}
