<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Run;

use OpenGlaze\Core\Film\HeatTool;

/** What the hands do while a film sets. */
enum ActKind: string
{
    case Pass = 'pass';
    case Wipe = 'wipe';
    case Look = 'look';
    case Cover = 'cover';

    /** What hands it wants; what is only breathed on wants none. */
    public function gloves(HeatTool $tool): Gloves
    {
        return match ($this) {
            self::Wipe => Gloves::Sticky,
            self::Look, self::Cover => Gloves::Clean,
            self::Pass => $tool === HeatTool::Breath ? Gloves::Either : Gloves::Clean,
        };
    }

    /** Whether it makes no sense any more once the film has closed. */
    public function needsOpenFilm(): bool
    {
        return $this === self::Pass || $this === self::Look;
    }

    /** How much before its time it is still in time, min. */
    public function earlyByMin(): float
    {
        return $this === self::Pass ? 2.0 : 5.0;
    }

    /** How much after its time it is still in time, min. */
    public function lateByMin(): float
    {
        return match ($this) {
            self::Pass => 3.0,
            self::Wipe, self::Look => 5.0,
            self::Cover => 10.0,
        };
    }
}
