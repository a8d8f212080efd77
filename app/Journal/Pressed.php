<?php

declare(strict_types=1);

namespace App\Journal;

use Carbon\CarbonImmutable;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Journal\EventKind;
use OpenGlaze\Core\Journal\Press;
use Ramsey\Uuid\Uuid;

/** What somebody pressed, before it is written down: its own name, what it happens to, when and where. */
final readonly class Pressed
{
    /**
     * @param  string  $id  a UUID that was made where it was pressed
     * @param  string  $subject  the UUID of the cup, the film or the lot
     */
    public function __construct(
        public string $id,
        public string $subject,
        public EventKind $kind,
        public Press $press,
        public Entry $facts,
    ) {
    }

    /** Something that follows from this press: of another thing, with a name that is always the same. */
    public function and(EventKind $kind, string $subject, Entry $facts): self
    {
        return new self(self::following($this->id, $kind->value.':'.$subject), $subject, $kind, $this->press, $facts);
    }

    /** The name of what follows from an event. */
    public static function following(string $event, string $what): string
    {
        return Uuid::uuid5($event, $what)->toString();
    }

    public function saying(Entry $facts): self
    {
        return new self($this->id, $this->subject, $this->kind, $this->press, $facts);
    }

    public function at(): CarbonImmutable
    {
        return CarbonImmutable::createFromTimestampMs($this->press->correctedMs());
    }
}
