<?php

declare(strict_types=1);

namespace App\Calendar;

use Carbon\CarbonImmutable;

/** One time that somebody is reminded of. */
final readonly class CalendarEntry
{
    /**
     * @param  string  $name  the same whenever the same is told again, so that a calendar moves it instead of keeping both
     * @param  CarbonImmutable  $to  after $from
     */
    public function __construct(
        public string $name,
        public CarbonImmutable $from,
        public CarbonImmutable $to,
        public string $title,
        public string $text,
        public string $address,
    ) {
    }
}
