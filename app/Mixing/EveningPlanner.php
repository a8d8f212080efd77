<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Models\Plan;
use App\Planning\CoatKeys;
use App\Planning\PlanAssembler;
use App\Typed\FieldException;
use OpenGlaze\Core\Answer\Planner;
use OpenGlaze\Core\Batch\BatchPlanner;
use OpenGlaze\Core\Document\BatchEntry;
use OpenGlaze\Core\Document\PlanDocument;
use OpenGlaze\Core\Plan\PlanException;
use OpenGlaze\Core\Range\Excerpt;
use OpenGlaze\Core\Range\Range;
use OpenGlaze\Core\Range\Ranges;
use OpenGlaze\Core\Reading\PlanReader;

/** Computes tonight's batches, as they are kept or as they are being changed. */
final readonly class EveningPlanner
{
    public function __construct(private PlanAssembler $assembler)
    {
    }

    /**
     * @param  list<BatchEntry>  $batches
     * @param  string|null  $only  id of the one batch that is looked at
     *
     * @throws FieldException with a sentence for each field that cannot be used
     */
    public function compute(Plan $plan, array $batches, ?string $only = null): Evening
    {
        $kept = $only === null ? $batches : self::touching($batches, $only);
        try {
            return $this->read($this->assembler->evening($plan, array_values($kept)), $only);
        } catch (PlanException $exception) {
            $names = [];
            foreach (array_keys($kept) as $place => $index) {
                $names["/batches/$place/"] = "batches.$index.";
            }
            throw self::refused($exception, $names);
        }
    }

    /**
     * A batch, and those whose colours lie on the same pieces.
     *
     * @param  list<BatchEntry>  $batches
     * @return array<int, BatchEntry> by their places in the list
     */
    private static function touching(array $batches, string $only): array
    {
        $pieces = [];
        foreach (CoatKeys::find(BatchEntry::coatsOfAll($batches)) as $coat) {
            $pieces[CoatKeys::of($coat)] = $coat->piece_id;
        }
        $own = [];
        foreach ($batches as $batch) {
            $own = $batch->id() === $only ? [...$own, ...self::piecesOf($batch, $pieces)] : $own;
        }

        return array_filter($batches, static fn (BatchEntry $batch): bool => $batch->id() === $only || array_intersect(self::piecesOf($batch, $pieces), $own) !== []);
    }

    /**
     * @param  array<string, int>  $pieces  by coat
     * @return list<int>
     */
    private static function piecesOf(BatchEntry $batch, array $pieces): array
    {
        $found = [];
        foreach ($batch->coats() as $key) {
            if (isset($pieces[$key])) {
                $found[] = $pieces[$key];
            }
        }

        return $found;
    }

    /** @throws FieldException with a sentence for each field that cannot be used */
    public function computed(PlanDocument $document): Evening
    {
        try {
            return $this->read($document, null);
        } catch (PlanException $exception) {
            throw self::refused($exception, ['/batches/' => 'batches.']);
        }
    }

    /**
     * How sure the figures of one batch are.
     *
     * @return array<string, Range> by figure
     */
    public function ranges(Evening $evening, string $batch): array
    {
        return Ranges::of(Excerpt::ofBatch($evening->document, $batch))['batches'][$batch] ?? [];
    }

    /** @throws PlanException when it cannot be computed */
    private function read(PlanDocument $document, ?string $only): Evening
    {
        $read = (new PlanReader)->read($document);
        $coats = (new Planner)->plan($read);

        return new Evening($document, $read, $coats, (new BatchPlanner)->plan($read, $coats, $only));
    }

    /** @param  array<string, string>  $names  of the batches' fields, by the beginnings of their pointers */
    private static function refused(PlanException $exception, array $names): FieldException
    {
        return FieldException::fromPlan($exception, [...$names, '/coats/' => 'coats.', '/studio/' => 'studio.', '/resins/' => 'resins.']);
    }
}
