<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Coat;
use OpenGlaze\Core\Coating\CoatResult;

/** A piece's coats computed together, and which of them the page is about. */
final readonly class StackResult
{
    public CoatResult $coat;

    /**
     * @param  list<CoatResult>  $results  from the lowest on
     * @param  list<Coat>  $rows  of the same coats
     */
    public function __construct(
        public array $results,
        public array $rows,
        public int $at,
    ) {
        $this->coat = $results[$at];
    }
}
