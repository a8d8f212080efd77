<?php

declare(strict_types=1);

namespace App\Editing;

use Carbon\CarbonImmutable;

/** Who changes a row of what is planned, when, and which version of it they had read. */
final readonly class Edit
{
    /**
     * @param  array<string, int>  $read  the versions that the page had read, by the kind of the row: coat, piece, plan …
     * @param  string|null  $device  the UUID of the device; null for the studio itself
     */
    public function __construct(
        public array $read,
        public ?string $device,
        public CarbonImmutable $at,
    ) {
    }

    /** By the studio itself, which has just read what is there. */
    public static function byStudio(CarbonImmutable $now): self
    {
        return new self([], null, $now);
    }
}
