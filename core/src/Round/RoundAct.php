<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Round;

use OpenGlaze\Core\Film\HeatTool;
use OpenGlaze\Core\Run\ActKind;
use OpenGlaze\Core\Run\Gloves;

/** One act of one film on the clock of the evening, min. */
final readonly class RoundAct
{
    /** @param  float|null  $untilMin  after which it makes no sense any more; null where that never comes */
    public function __construct(
        public string $film,
        public string $act,
        public ActKind $kind,
        public HeatTool $tool,
        public float $dueMin,
        public ?float $untilMin,
        /** how long the hands are at it */
        public float $lastsMin,
    ) {
    }

    /** @return array{float, bool, string, string} what it is sorted by: of what is due at once, a cover comes last */
    public function place(): array
    {
        return [$this->dueMin, $this->kind === ActKind::Cover, $this->film, $this->act];
    }

    /** Whether that must wait for it, where it is due earlier: pours come in their order, of one film each kind in its turn, and its cover last. */
    public function comesBefore(self $other): bool
    {
        return $this->film === $other->film ? $this->kind === $other->kind || $other->kind === ActKind::Cover : $this->kind === ActKind::Pour && $other->kind === ActKind::Pour;
    }

    public function gloves(): Gloves
    {
        return $this->kind->gloves($this->tool);
    }

    /** The first moment at which it is in time. */
    public function earliestMin(): float
    {
        return $this->dueMin - $this->kind->earlyByMin();
    }

    /** The last moment at which it is in time; never past what makes it senseless. */
    public function latestMin(): float
    {
        return min($this->dueMin + $this->kind->lateByMin(), $this->untilMin ?? INF);
    }

    /** Whether it can still be begun then, in time or late. */
    public function canBeginAt(float $min): bool
    {
        return $this->untilMin === null || $min <= $this->untilMin;
    }
}
