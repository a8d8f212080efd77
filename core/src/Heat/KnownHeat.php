<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Heat;

/** A heat of reaction that was worked out, in kJ/kg; null where none fits the label. */
final readonly class KnownHeat
{
    public function __construct(public ?float $kJKg)
    {
    }
}
