<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Weighing;

/** What a step of the weighing puts on the scale. */
enum WeighKind: string
{
    case PartA = 'a';
    case PartB = 'b';
    case MoreA = 'more_a';
    case MoreB = 'more_b';
    case Resin = 'resin';
    case Dose = 'dose';

    /** Whether it tops up a part: there may be no more of it. */
    public function isTopUp(): bool
    {
        return $this === self::MoreA || $this === self::MoreB;
    }

    /** Whether it goes into the cup before the stirring. */
    public function isPart(): bool
    {
        return $this !== self::Resin && $this !== self::Dose;
    }
}
