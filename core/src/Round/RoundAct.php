<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Round;

use OpenGlaze\Core\Film\HeatTool;
use OpenGlaze\Core\Run\ActKind;
use OpenGlaze\Core\Run\Gloves;

/** One act of one film on the clock of the evening, min. */
final readonly class RoundAct
{
    private const LOOK_S = 20.0;

    private const COVER_S = 20.0;

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

    /** How long a wipe takes goes by the edge; looks and covers take as long as the way round a bench. Source: an estimate. */
    public static function lasts(ActKind $kind, float $passSeconds, float $coatedEdgeM): float
    {
        return match ($kind) {
            ActKind::Pass => $passSeconds,
            ActKind::Wipe => max(self::LOOK_S, 15.0 * $coatedEdgeM),
            ActKind::Look => self::LOOK_S,
            ActKind::Cover => self::COVER_S,
        } / 60;
    }

    /** @return array{float, bool, string, string} what it is sorted by: of what is due at once, a cover comes last */
    public function place(): array
    {
        return [$this->dueMin, $this->kind === ActKind::Cover, $this->film, $this->act];
    }

    public function gloves(): Gloves
    {
        return $this->kind->gloves($this->tool);
    }

    public function isFlame(): bool
    {
        return $this->kind === ActKind::Pass && $this->tool === HeatTool::Flame;
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
