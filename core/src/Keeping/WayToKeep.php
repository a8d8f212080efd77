<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Keeping;

use OpenGlaze\Core\Coating\CoatResult;

/** One way to lay a film that would run over its edge, and what comes of it. */
final readonly class WayToKeep
{
    /**
     * @param  list<CoatResult>  $coats  as they are laid, from the lowest on
     * @param  float|null  $value  which figure makes it: so many coats, min of age, mm of radius or of film
     */
    public function __construct(
        public WayKind $kind,
        public array $coats,
        public ?float $value = null,
        /** the name of another resin */
        public ?string $resin = null,
        public ?string $resinId = null,
    ) {
    }

    /** Mixed for all its coats, ml. */
    public function mixedMl(): float
    {
        return array_sum(array_map(static fn (CoatResult $coat): float => $coat->volume->totalMl(), $this->coats));
    }

    /** What lies on the floor in the end, of all pieces, ml. */
    public function onTheFloorMl(): float
    {
        return array_sum(array_map(static fn (CoatResult $coat): float => $coat->edge->drippedMl ?? 0.0, $this->coats));
    }

    /** Film in the middle of the face when it has set, mm, by the solver. */
    public function middleMm(): float
    {
        return array_sum(array_map(static function (CoatResult $coat): float {
            $edge = $coat->case->wetEdge();
            if ($edge === null) {
                return $coat->case->held->centreMm ?? $coat->case->thicknessMm->value ?? 0.0;
            }

            return $edge->film->profiles([$coat->case->clock->mobilityInTheEnd()])[0][0][1];
        }, $this->coats));
    }

    /** Mean film on the face when it has set, mm. */
    public function staysMm(): float
    {
        return array_sum(array_map(static fn (CoatResult $coat): float => $coat->edge->staysMm ?? $coat->case->thicknessMm->value ?? 0.0, $this->coats));
    }

    /** The film at its edge when it has set, mm: of what is held, where it begins. */
    public function atEdgeMm(): float
    {
        return array_sum(array_map(static fn (CoatResult $coat): float => match (true) {
            $coat->edge !== null => min($coat->edge->keepsMm, $coat->edge->laidMm),
            $coat->case->held !== null => 0.0,
            default => $coat->case->thicknessMm->value ?? 0.0,
        }, $this->coats));
    }

    public function wipes(): int
    {
        return array_sum(array_map(static fn (CoatResult $coat): int => count($coat->edge->wipesMin ?? []), $this->coats));
    }

    /** Hours from the first pour until the last coat may follow at the earliest; 0 for one coat, null where the label is silent. */
    public function takesH(): ?float
    {
        $hours = 0.0;
        foreach (array_slice($this->coats, 0, -1) as $coat) {
            if ($coat->windows->recoatFromH === null) {
                return null;
            }
            $hours += $coat->windows->recoatFromH;
        }

        return $hours;
    }
}
