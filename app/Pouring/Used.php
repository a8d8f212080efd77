<?php

declare(strict_types=1);

namespace App\Pouring;

/** What a pour really took of each part, in ml; null where it was not written down. */
final readonly class Used
{
    public function __construct(
        public ?float $aMl,
        public ?float $bMl,
    ) {
    }
}
