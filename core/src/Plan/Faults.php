<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Message\Message;

/** Gathers what is wrong while a plan is read; the first fault at a place is kept, and none inside a muted one. */
final class Faults
{
    /** @var array<string, Fault> by pointer */
    private array $faults = [];

    /** @var list<string> */
    private array $muted = [];

    public function add(string $pointer, Message $said): void
    {
        foreach ($this->muted as $muted) {
            if (str_starts_with($pointer, $muted)) {
                return;
            }
        }
        $this->faults[$pointer] ??= new Fault($pointer, $said);
    }

    /** A part that is missing as a whole: its fields are not asked for one by one. */
    public function mute(string $pointer): void
    {
        $this->muted[] = $pointer.'/';
    }

    public function any(): bool
    {
        return $this->faults !== [];
    }

    /** @throws PlanException when there are any */
    public function throwIfAny(): void
    {
        $faults = array_values($this->faults);
        if ($faults !== []) {
            throw PlanException::faults($faults);
        }
    }
}
