<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Rehearsal;

use OpenGlaze\Core\Run\ActKind;

/** One act of one film in a rehearsal, min after the rehearsal began: when it was due, and what became of it. */
final readonly class Deed
{
    /**
     * @param  float|null  $untilMin  after which it made no sense any more
     * @param  float|null  $doneMin  null where it was not done
     * @param  bool  $isSkipped  on purpose, with a reason
     */
    public function __construct(
        public string $film,
        public ActKind $kind,
        public string $title,
        public float $dueMin,
        public ?float $untilMin,
        public ?float $doneMin,
        public bool $isSkipped = false,
        public bool $isFlame = false,
    ) {
    }

    /** How much later than it could wait it was done; 0 where it was not, or in time. */
    public function lateMin(): float
    {
        return $this->doneMin === null ? 0.0 : max(0.0, $this->doneMin - $this->dueMin - $this->kind->lateByMin());
    }

    /** Done before there was anything to do: no bubble had risen, no drip hung. */
    public function isEarly(): bool
    {
        return $this->doneMin !== null && ! $this->isSkipped && $this->doneMin < $this->dueMin - $this->kind->earlyByMin();
    }

    /** It was not done, or too early or too late for it to help. */
    public function isLost(float $endMin): bool
    {
        if ($this->isSkipped || $this->isEarly()) {
            return ! $this->isSkipped;
        }

        return $this->doneMin === null ? $this->lostAtMin() < $endMin : $this->untilMin !== null && $this->doneMin > $this->untilMin;
    }

    /** From when on it cannot be made good any more. */
    public function lostAtMin(): float
    {
        return $this->untilMin ?? $this->dueMin + $this->kind->lateByMin();
    }

    /** How long it can wait without harm: a cover keeps dust off for as long as it lies. */
    public function waitsUntilMin(): float
    {
        return $this->kind === ActKind::Cover ? $this->dueMin + $this->kind->lateByMin() : $this->lostAtMin();
    }

    /** The same by somebody who knew, and had a helper for clean hands. */
    public function atItsMinute(): self
    {
        return new self($this->film, $this->kind, $this->title, $this->dueMin, $this->untilMin, $this->dueMin, $this->isSkipped);
    }
}
