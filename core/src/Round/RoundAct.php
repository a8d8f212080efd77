<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Round;

use OpenGlaze\Core\Film\HeatTool;
use OpenGlaze\Core\Run\ActKind;
use OpenGlaze\Core\Run\Gloves;
use OpenGlaze\Core\Run\WaitCover;

/** One act of one film on the clock of the evening, min. */
final readonly class RoundAct
{
    private const ROUNDING_MIN = 1e-6;

    public Gloves $gloves;

    /** The first moment at which it is in time. */
    public float $earliestMin;

    /** The last moment at which it is in time; never past what makes it senseless. */
    public float $latestMin;

    /** A cover for a wait: it goes on when the hands come to it, and nothing that can be done by then waits for it. */
    public bool $canWait;

    /** @param  float|null  $untilMin  after which it makes no sense any more; null where that never comes */
    public function __construct(
        public string $film,
        public string $act,
        public ActKind $kind,
        HeatTool $tool,
        public float $dueMin,
        public ?float $untilMin,
        /** how long the hands are at it */
        public float $lastsMin,
        /** of its film among those on the bench */
        public int $turn = 0,
        /** that it is done to, one after the other */
        public int $pieces = 1,
    ) {
        $this->gloves = $kind->gloves($tool);
        $this->earliestMin = $dueMin - $kind->earlyByMin();
        $this->canWait = WaitCover::afterOf($act) !== null;
        $this->latestMin = min($this->canWait ? INF : $dueMin + $kind->lateByMin(), $untilMin === null ? INF : $untilMin - $lastsMin);
    }

    /** @return array{float, bool, int, string, string} what it is sorted by: of what is due at once, a cover comes last, and films in their turn */
    public function place(): array
    {
        return [$this->dueMin, $this->kind === ActKind::Cover, $this->turn, $this->film, $this->act];
    }

    /** Whether that must wait for it, where it is due earlier: pours come in their order, of one film each kind in its turn, and a cover neither sooner nor later. */
    public function comesBefore(self $other): bool
    {
        return $this->film === $other->film ? $this->kind === $other->kind || $this->kind === ActKind::Cover || $other->kind === ActKind::Cover : $this->kind === ActKind::Pour && $other->kind === ActKind::Pour;
    }

    /** At how many of its pieces the hands are done before it makes no sense any more, when they begin then. */
    public function piecesFrom(float $min): int
    {
        if ($this->untilMin === null || $min + $this->lastsMin <= $this->untilMin + self::ROUNDING_MIN) {
            return $this->pieces;
        }

        return max(0, (int) floor(($this->untilMin - $min) / max(self::ROUNDING_MIN, $this->lastsMin) * $this->pieces + self::ROUNDING_MIN));
    }
}
