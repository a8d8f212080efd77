<?php

declare(strict_types=1);

namespace App\Editing;

use App\Models\Device;
use Carbon\CarbonImmutable;

/** One field of a row that was changed once. */
final readonly class Change
{
    public function __construct(
        public string $path,
        public mixed $from,
        public mixed $to,
        public ?string $device,
        public CarbonImmutable $atMs,
    ) {
    }

    public function deviceName(): string
    {
        $name = Device::query()->whereKey($this->device)->value('name');

        return is_string($name) ? $name : '';
    }
}
