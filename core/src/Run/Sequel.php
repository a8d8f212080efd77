<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Run;

/** What a film wants because of something that happened to it: acts that come, and kinds that they stand in for from then on. */
final readonly class Sequel
{
    /**
     * @param  list<Act>  $acts  min after the pour
     * @param  list<ActKind>  $insteadOf  what was planned of these, and is still to come, no longer counts
     */
    public function __construct(
        public array $acts,
        public array $insteadOf = [],
    ) {
    }

    public static function nothing(): self
    {
        return new self([]);
    }
}
