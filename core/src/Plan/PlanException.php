<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use DomainException;

/** A plan that cannot be computed, with every fault that was found. */
final class PlanException extends DomainException
{
    /** @param  non-empty-list<Fault>  $faults */
    private function __construct(public readonly array $faults)
    {
        parent::__construct(implode("\n", array_map(
            static fn (Fault $fault): string => $fault->pointer.': '.$fault->said->key,
            $faults,
        )));
    }

    /** @param  non-empty-list<Fault>  $faults */
    public static function faults(array $faults): self
    {
        return new self($faults);
    }
}
