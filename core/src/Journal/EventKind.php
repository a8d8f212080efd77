<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

use OpenGlaze\Core\Document\Entry;

/** What happens at the bench. */
enum EventKind: string
{
    case MixingBegun = 'mixing_begun';
    case Weighed = 'weighed';
    case PartsTurned = 'parts_turned';
    case StirringBegun = 'stirring_begun';
    case Mixed = 'mixed';
    case RestSeenTo = 'rest_seen_to';
    case Discarded = 'discarded';

    case PourBegun = 'pour_begun';
    case Staged = 'staged';
    case Poured = 'poured';
    case ActDone = 'act_done';
    case ActSkipped = 'act_skipped';
    case ToppedUp = 'topped_up';
    case Observed = 'observed';
    case Oiled = 'oiled';
    case Happened = 'happened';
    case Took = 'took';
    case TakenOff = 'taken_off';

    case Opened = 'opened';
    case Counted = 'counted';
    case Taken = 'taken';
    case ThrownAway = 'thrown_away';

    case Checked = 'checked';

    case Undone = 'undone';

    /** The one kind of thing that it can happen to; null where it happens to any. */
    public function subject(): ?SubjectKind
    {
        return match ($this) {
            self::MixingBegun, self::Weighed, self::PartsTurned, self::StirringBegun, self::Mixed, self::RestSeenTo, self::Discarded => SubjectKind::Cup,
            self::PourBegun, self::Staged, self::Poured, self::ActDone, self::ActSkipped, self::ToppedUp, self::Observed, self::Oiled, self::Happened, self::Took, self::TakenOff => SubjectKind::Film,
            self::Opened, self::Counted, self::Taken, self::ThrownAway => SubjectKind::Lot,
            self::Checked => SubjectKind::Evening,
            self::Undone => null,
        };
    }

    /** What such an event says. */
    public function read(Entry $facts): Fact
    {
        return match ($this) {
            self::MixingBegun => MixingBegun::fromFacts($facts),
            self::Weighed => Weighed::fromFacts($facts),
            self::PartsTurned => PartsTurned::fromFacts($facts),
            self::StirringBegun => StirringBegun::fromFacts($facts),
            self::Mixed => StirringEnded::fromFacts($facts),
            self::RestSeenTo => RestSeenTo::fromFacts($facts),
            self::Discarded => Discarded::fromFacts($facts),
            self::PourBegun => PourBegun::fromFacts($facts),
            self::Staged => Staged::fromFacts($facts),
            self::Poured => Poured::fromFacts($facts),
            self::ActDone => ActDone::fromFacts($facts),
            self::ActSkipped => ActSkipped::fromFacts($facts),
            self::ToppedUp => ToppedUp::fromFacts($facts),
            self::Observed => Observed::fromFacts($facts),
            self::Oiled => Oiled::fromFacts($facts),
            self::Happened => Happened::fromFacts($facts),
            self::TakenOff => TakenOff::fromFacts($facts),
            self::Opened => Opened::fromFacts($facts),
            self::Counted => Counted::fromFacts($facts),
            self::Taken => Taken::fromFacts($facts),
            self::ThrownAway => ThrownAway::fromFacts($facts),
            self::Checked => Checked::fromFacts($facts),
            self::Undone => Undone::fromFacts($facts),
            self::Took => TookSaid::fromFacts($facts),
        };
    }

    /** Whether a device may write it down by itself; the rest begins with a form, or follows. */
    public function isPressed(): bool
    {
        return match ($this) {
            self::MixingBegun, self::PourBegun, self::Taken => false,
            self::Weighed, self::PartsTurned, self::StirringBegun, self::Mixed, self::RestSeenTo, self::Discarded,
            self::Staged, self::Poured, self::ActDone, self::ActSkipped, self::ToppedUp, self::Observed, self::Oiled, self::Happened, self::Took, self::TakenOff,
            self::Opened, self::Counted, self::ThrownAway, self::Checked, self::Undone => true,
        };
    }

    /** Whether pressing it too soon can be taken back by another event. */
    public function canBeUndone(): bool
    {
        return ! in_array($this, [self::MixingBegun, self::PourBegun, self::Undone], true);
    }
}
