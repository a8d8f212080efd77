<?php

declare(strict_types=1);

namespace App\Clock;

use Carbon\CarbonImmutable;
use Psr\Clock\ClockInterface;

/**
 * What time it is in the studio. Everybody is handed the moment that it says; nobody else asks for one.
 *
 * A file of seconds, where one is named, sets it forward or back: so evenings pass in tests in no time. In a rehearsal
 * it goes at another pace.
 */
final readonly class StudioClock implements ClockInterface
{
    /** @param  string|null  $setBy  path of a file that holds by how many seconds it is set off */
    public function __construct(
        private ?string $setBy = null,
        private ?Pace $pace = null,
    ) {
    }

    public function now(): CarbonImmutable
    {
        return $this->pace === null ? $this->real() : $this->pace->at($this->real());
    }

    /** What time it really is, whatever is rehearsed. */
    public function real(): CarbonImmutable
    {
        $now = CarbonImmutable::now();
        $seconds = $this->setBy !== null && is_file($this->setBy) ? (float) file_get_contents($this->setBy) : 0.0;

        return $seconds === 0.0 ? $now : $now->addMilliseconds((int) round(1000 * $seconds));
    }
}
