<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Stock;

use OpenGlaze\Core\Plan\VesselSheet;

/** How many of a kind of vessel can be mixed in now. */
final readonly class VesselStock
{
    private function __construct(
        public VesselSheet $sheet,
        /** of all that were counted, less those that are lost or not hard yet; never below 0 */
        public int $free,
        /** when the next of those that are out of use can be broken out, ms since 1970; null where none is */
        public ?int $nextMs,
    ) {
    }

    /**
     * @param  list<VesselUse>  $uses  since they were counted
     * @return self|null null where nobody counts them
     */
    public static function of(VesselSheet $sheet, array $uses, int $nowMs): ?self
    {
        if ($sheet->have === null) {
            return null;
        }
        $hardening = $sheet->isBrokenOut() ? array_filter($uses, static fn (VesselUse $use): bool => $use->hardMs() > $nowMs) : [];
        $gone = $sheet->isUsedOnce() ? $uses : $hardening;
        $back = array_map(static fn (VesselUse $use): int => $use->hardMs(), $hardening);

        return new self($sheet, max(0, $sheet->have - array_sum(array_map(static fn (VesselUse $use): int => $use->cups, $gone))), $back === [] ? null : min($back));
    }

    /** How many of it are left for a cup after so many others of tonight; what is wiped out is free again for the next. */
    public function leftAfter(int $others): int
    {
        return $this->sheet->isUsedOnce() || $this->sheet->isBrokenOut() ? max(0, $this->free - $others) : $this->free;
    }
}
