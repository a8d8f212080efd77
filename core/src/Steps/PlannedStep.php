<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Steps;

use OpenGlaze\Core\Plan\StepState;
use OpenGlaze\Core\Safety\Caution;

/** One thing that a coat wants done before its pour or after it, and how far that has come. */
final readonly class PlannedStep
{
    /**
     * @param  string  $id  the rule's name for it, the same in every plan; a person's own begin with "own"
     * @param  string  $how  what to do, and why
     */
    private function __construct(
        public string $id,
        public string $title,
        public string $how,
        public bool $after,
        public bool $isOwn,
        public ?Caution $caution,
        public StepState $state,
        public ?string $reason,
    ) {
    }

    public static function before(string $id, string $title, string $how, ?Caution $caution = null): self
    {
        return new self($id, $title, $how, false, false, $caution, StepState::Open, null);
    }

    public static function after(string $id, string $title, string $how, ?Caution $caution = null): self
    {
        return new self($id, $title, $how, true, false, $caution, StepState::Open, null);
    }

    public static function own(string $id, string $text, bool $after): self
    {
        return new self($id, $text, '', $after, true, null, StepState::Open, null);
    }

    public function being(StepState $state, ?string $reason): self
    {
        return new self($this->id, $this->title, $this->how, $this->after, $this->isOwn, $this->caution, $state, $reason);
    }
}
