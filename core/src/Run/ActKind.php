<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Run;

use OpenGlaze\Core\Film\HeatTool;

/** What the hands do from the pour until the cover is on. */
enum ActKind: string
{
    case Pour = 'pour';
    case Pass = 'pass';
    case Wipe = 'wipe';
    case Look = 'look';
    case Cover = 'cover';

    /** What hands it wants; what is only breathed on wants none. */
    public function gloves(HeatTool $tool): Gloves
    {
        return match ($this) {
            self::Pour, self::Wipe => Gloves::Sticky,
            self::Look, self::Cover => Gloves::Clean,
            self::Pass => $tool === HeatTool::Breath ? Gloves::Either : Gloves::Clean,
        };
    }

    /** How much before its time it is still in time, min. */
    public function earlyByMin(): float
    {
        return match ($this) {
            self::Pour => 0.0,
            self::Pass => 2.0,
            self::Wipe, self::Look, self::Cover => 5.0,
        };
    }

    /** How much after its time it is still in time, min. */
    public function lateByMin(): float
    {
        return match ($this) {
            self::Pour, self::Pass => 3.0,
            self::Wipe, self::Look => 5.0,
            self::Cover => 10.0,
        };
    }
}
