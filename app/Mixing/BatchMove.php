<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Typed\FieldException;
use OpenGlaze\Core\Document\BatchEntry;
use OpenGlaze\Core\Message\Message;

/** Moves pieces of a coat from one batch's entry to another's; a batch that is left empty goes. */
final readonly class BatchMove
{
    /**
     * @param  list<BatchEntry>  $batches  as the plan file writes them
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
     * @return list<BatchEntry> the batches as they are then
     *
     * @throws FieldException when there is no such batch or coat
     */
    public function make(Move $move): array
    {
        $source = $this->find($move->from);
        $all = $this->counted($source, $move->coat);
        if (! in_array($move->coat, $source->coats(), true)) {
            throw FieldException::at(['form' => Message::of('refused.coat_left_batch')]);
        }
        if ($move->count !== null && ($move->count < 1 || $move->count > $all)) {
            throw FieldException::at(['count' => Message::of('refused.count_in_batch', all: $all)]);
        }
        $count = $move->count ?? $all;
        if ($move->to === $move->from) {
            return $this->changed($this->holding($source, $move->coat, $all, $move->at));
        }
        $target = $move->to === null ? $this->another($source) : $this->find($move->to);
        $there = in_array($move->coat, $target->coats(), true) ? $this->counted($target, $move->coat) : 0;

        return $this->changed($this->holding($target, $move->coat, $count + $there, $move->at), $this->holding($source, $move->coat, $all - $count, null));
    }

    /** @return list<BatchEntry> with these in the place of those of the same id, or behind them; none that is empty */
    private function changed(BatchEntry ...$changed): array
    {
        $byId = [];
        foreach ([...$this->batches, ...$changed] as $batch) {
            $byId[$batch->id()] = $batch;
        }

        return array_values(array_filter($byId, static fn (BatchEntry $batch): bool => $batch->coats() !== []));
    }

    private function holding(BatchEntry $batch, string $coat, int $count, ?int $at): BatchEntry
    {
        return $batch->holding($coat, $count, $this->quantities[$coat] ?? $count, $at);
    }

    private function another(BatchEntry $like): BatchEntry
    {
        $ids = array_map(static fn (BatchEntry $batch): string => $batch->id(), $this->batches);
        $measure = $like->value('measure');

        return BatchEntry::from(['id' => self::freeId([...$this->taken, ...$ids]), 'coats' => [], ...$measure === null ? [] : ['measure' => $measure]]);
    }

    private function counted(BatchEntry $batch, string $coat): int
    {
        return $batch->count($coat) ?? $this->quantities[$coat] ?? 1;
    }

    private function find(string $id): BatchEntry
    {
        foreach ($this->batches as $batch) {
            if ($batch->id() === $id) {
                return $batch;
            }
        }

        throw FieldException::at(['form' => Message::of('refused.batch_gone_reload')]);
    }
}
