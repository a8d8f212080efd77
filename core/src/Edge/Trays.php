<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Edge;

/** What a studio weighed in the trays below its pieces, beside what was said to run off. */
final readonly class Trays
{
    private function __construct(
        /** weighed ÷ said, of all of them together */
        public float $share,
        public int $pours,
    ) {
    }

    /**
     * @param  list<array{float, float}>  $pours  g said and g weighed
     * @return self|null null where nothing was said, or nothing weighed
     */
    public static function of(array $pours): ?self
    {
        $both = array_filter($pours, static fn (array $pour): bool => $pour[0] > 0 && $pour[1] >= 0);
        $said = array_sum(array_column($both, 0));

        return $said > 0 ? new self(array_sum(array_column($both, 1)) / $said, count($both)) : null;
    }
}
