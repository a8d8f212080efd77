<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Steps;

use OpenGlaze\Core\Message\Listed;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Plan\StepState;
use OpenGlaze\Core\Safety\Caution;

/** One thing that a coat wants done before its pour or after it, and how far that has come. */
final readonly class PlannedStep
{
    /**
     * @param  string  $id  the rule's name for it, the same in every plan; a person's own begin with "own"
     * @param  Message|null  $how  what to do, and why; null for a person's own
     */
    private function __construct(
        public string $id,
        public Message $title,
        public ?Message $how,
        public bool $after,
        public bool $isOwn,
        public ?Caution $caution,
        public StepState $state,
        public ?string $reason,
    ) {
    }

    /**
     * @param  string|null  $how  the sentence's key, where the rule has several
     * @param  Listed|string|null  ...$named  what its sentences name
     */
    public static function before(string $id, ?Caution $caution = null, ?string $how = null, Listed|string|null ...$named): self
    {
        return new self($id, Message::of("steps.$id.title", ...$named), Message::of($how ?? "steps.$id.how", ...$named), false, false, $caution, StepState::Open, null);
    }

    public static function after(string $id, ?Caution $caution = null, Listed|string|null ...$named): self
    {
        return new self($id, Message::of("steps.$id.title", ...$named), Message::of("steps.$id.how", ...$named), true, false, $caution, StepState::Open, null);
    }

    public static function own(string $id, string $text, bool $after): self
    {
        return new self($id, Message::of('steps.own', text: $text), null, $after, true, null, StepState::Open, null);
    }

    public function being(StepState $state, ?string $reason): self
    {
        return new self($this->id, $this->title, $this->how, $this->after, $this->isOwn, $this->caution, $state, $reason);
    }
}
