<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

/** What a person said of one step of a coat: done, skipped for a reason, or one of their own. */
final readonly class Step
{
    public function __construct(
        public string $step,
        public StepState $state,
        public ?string $reason,
        public ?string $text,
        public bool $after,
    ) {
    }
}
