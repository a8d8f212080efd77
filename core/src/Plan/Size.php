<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Quantity\Sourced;

/** How much of a coat is wanted, by one of the schools; the unit is the school's. */
final readonly class Size
{
    public function __construct(
        public SizeBy $by,
        public Sourced $value,
        public Counted $counted = Counted::Laid,
    ) {
    }

    public static function thickness(Sourced $mm): self
    {
        return new self(SizeBy::Thickness, $mm);
    }

    public function isMixed(): bool
    {
        return $this->counted === Counted::Mixed;
    }
}
