<?php

declare(strict_types=1);

namespace App\Mixing;

use App\PlanFile\Dig;
use App\PlanFile\Json;
use App\Typed\FieldException;
use OpenGlaze\Core\Message\Message;
use stdClass;

/** Moves pieces of a coat from one batch's entry to another's; a batch that is left empty goes. */
final readonly class BatchMove
{
    /**
     * @param  list<stdClass>  $batches  as the plan file writes them
     * @param  array<string, int>  $quantities  of pieces by coat
     * @param  list<string>  $taken  ids that no new batch gets
     */
    public function __construct(
        private array $batches,
        private array $quantities,
        private array $taken = [],
    ) {
    }

    /**
     * An id for another batch.
     *
     * @param  list<string>  $taken
     */
    public static function freeId(array $taken): string
    {
        for ($number = 1; in_array("batch-$number", $taken, true); $number++);

        return "batch-$number";
    }

    /**
     * @return list<stdClass> the batches as they are then
     *
     * @throws FieldException when there is no such batch or coat
     */
    public function make(Move $move): array
    {
        $batches = array_map(Json::copy(...), $this->batches);
        $source = self::find($batches, $move->from);
        $all = $this->counted($source, $move->coat);
        if (! in_array($move->coat, self::coats($source), true)) {
            throw FieldException::at(['form' => Message::of('refused.coat_left_batch')]);
        }
        if ($move->count !== null && ($move->count < 1 || $move->count > $all)) {
            throw FieldException::at(['count' => Message::of('refused.count_in_batch', all: $all)]);
        }
        $count = $move->count ?? $all;
        $target = match ($move->to) {
            $move->from => $source,
            null => $this->another($batches, $source),
            default => self::find($batches, $move->to),
        };
        if ($target === $source) {
            $this->place($source, $move->coat, $all, $move->at);
        } else {
            $this->place($target, $move->coat, $count + (in_array($move->coat, self::coats($target), true) ? $this->counted($target, $move->coat) : 0), $move->at);
            $this->place($source, $move->coat, $all - $count, null);
        }

        return array_values(array_filter($batches, static fn (stdClass $batch): bool => self::coats($batch) !== []));
    }

    /** Puts so many into a batch; none takes the coat out of it, and out of its colour cups. */
    private function place(stdClass $batch, string $coat, int $count, ?int $at): void
    {
        $coats = self::coats($batch);
        $before = array_search($coat, $coats, true);
        $others = array_values(array_filter($coats, static fn (string $id): bool => $id !== $coat));
        $counts = (array) Dig::value($batch, 'counts');
        unset($counts[$coat]);
        if ($count > 0) {
            array_splice($others, $at ?? ($before === false ? count($others) : $before), 0, [$coat]);
            if ($count < ($this->quantities[$coat] ?? $count)) {
                $counts[$coat] = $count;
            }
        }
        $batch->coats = $others;
        if ($counts === []) {
            unset($batch->counts);
        } else {
            $batch->counts = (object) $counts;
        }
        foreach (Dig::objects($batch, 'colours') as $cup) {
            if (is_array($cup->coats ?? null)) {
                $cup->coats = array_values(array_filter($cup->coats, static fn (mixed $id): bool => in_array($id, $others, true)));
            }
        }
    }

    /** @param  list<stdClass>  $batches */
    private function another(array &$batches, stdClass $like): stdClass
    {
        $ids = array_map(static fn (stdClass $batch): string => Dig::text($batch, 'id') ?? '', $batches);
        $new = (object) ['id' => self::freeId([...$this->taken, ...$ids]), 'coats' => []];
        if (isset($like->measure)) {
            $new->measure = $like->measure;
        }
        $batches[] = $new;

        return $new;
    }

    private function counted(stdClass $batch, string $coat): int
    {
        return (int) (Dig::float($batch, "counts.$coat") ?? $this->quantities[$coat] ?? 1);
    }

    /** @param  list<stdClass>  $batches */
    private static function find(array $batches, string $id): stdClass
    {
        foreach ($batches as $batch) {
            if (($batch->id ?? null) === $id) {
                return $batch;
            }
        }

        throw FieldException::at(['form' => Message::of('refused.batch_gone_reload')]);
    }

    /** @return list<string> */
    private static function coats(stdClass $batch): array
    {
        return array_values(array_filter(is_array($batch->coats ?? null) ? $batch->coats : [], is_string(...)));
    }
}
