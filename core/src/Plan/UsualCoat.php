<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

/** How a new coat begins, until somebody says otherwise: what fills a mould or a recess is dammed, a dome is held, and a coat over another ends as that one does. */
final readonly class UsualCoat
{
    private function __construct(
        public Containment $containment,
        public SizeBy $by,
        public float $value,
        public Laying $laying,
    ) {
    }

    /** @param  Containment|null  $below  how the coat below ends at the edge; null for the first */
    public static function of(Piece $piece, CoatKind $kind, ?Containment $below): self
    {
        $fills = $piece->areaMm2() === null && $piece->holdsMl() !== null;

        return new self(
            match (true) {
                $kind === CoatKind::Dome => Containment::Held,
                $fills, $below === null && $piece->recessMm !== null => Containment::Dammed,
                default => $below ?? Containment::Open,
            },
            $fills ? SizeBy::RestLeavingMl : SizeBy::Thickness,
            $fills ? 0.0 : $kind->usualMm(),
            $kind === CoatKind::Seal ? Laying::Brush : Laying::Centre,
        );
    }
}
