<?php

declare(strict_types=1);

namespace App\Mixing;

/** Pieces of a coat that are to go from one batch into another. */
final readonly class Move
{
    /**
     * @param  string  $coat  its key in the evening
     * @param  string  $from  id of the batch that they are in
     * @param  string|null  $to  null for a batch of its own
     * @param  int|null  $count  null for all that are in the batch
     * @param  int|null  $at  place in the pour order; null for the last
     */
    public function __construct(
        public string $coat,
        public string $from,
        public ?string $to,
        public ?int $count = null,
        public ?int $at = null,
    ) {
    }
}
