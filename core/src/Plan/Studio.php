<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

/** The room, and the studio's own constants. */
final readonly class Studio
{
    /** Share of a bulk fill that is not solid, where nothing else is said. */
    public const VOID_FRACTION = 0.40;

    public function __construct(
        public StudioRoom $room,
        public StudioHands $hands,
        public StudioCounts $counts,
        public StudioWetting $wetting,
        public StudioPace $pace,
    ) {
    }
}
