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
    /** With a pin, into the film. */
    case Pick = 'pick';
    /** With the fingers, at what holds the film. */
    case Mend = 'mend';
    /** What lies in the film, a last time. */
    case Nudge = 'nudge';
    /** What sits on top of it, with tweezers. */
    case Place = 'place';
    case Look = 'look';
    case Cover = 'cover';

    /** What hands it wants; what is only breathed on wants none. */
    public function gloves(HeatTool $tool): Gloves
    {
        return match ($this) {
            self::Pour, self::Wipe, self::Nudge, self::Mend => Gloves::Sticky,
            self::Look, self::Cover => Gloves::Clean,
            self::Pick, self::Place => Gloves::Either,
            self::Pass => $tool === HeatTool::Breath ? Gloves::Either : Gloves::Clean,
        };
    }

    /** How much before its time it is still in time, min. */
    public function earlyByMin(): float
    {
        return match ($this) {
            self::Pour, self::Pick, self::Place, self::Mend => 0.0,
            self::Pass => 2.0,
            self::Wipe, self::Nudge, self::Look, self::Cover => 5.0,
        };
    }

    /** How much after its time it is still in time, min. */
    public function lateByMin(): float
    {
        return match ($this) {
            self::Pour, self::Pass, self::Mend => 3.0,
            self::Wipe, self::Nudge, self::Place, self::Look => 5.0,
            // it heals over until the film closes
            self::Pick, self::Cover => 10.0,
        };
    }
}
