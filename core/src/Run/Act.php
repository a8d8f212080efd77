<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Run;

use OpenGlaze\Core\Message\Message;

/** One thing to do at a time after the pour, in minutes: what, and how. */
final readonly class Act
{
    public function __construct(
        public string $id,
        public ActKind $kind,
        public float $dueMin,
        public Message $title,
        public Message $how,
        /** how long the hands are at it */
        public float $lastsMin,
        /** after which it makes no sense any more; null where that never comes or is not known */
        public ?float $untilMin = null,
        /** of a wipe: what still comes after it, ml */
        public ?float $leftMl = null,
    ) {
    }

    public function leaving(float $ml): self
    {
        return new self($this->id, $this->kind, $this->dueMin, $this->title, $this->how, $this->lastsMin, $this->untilMin, $ml);
    }

    /**
     * The same act as often as there are times for it, each by its number.
     *
     * @param  string  $id  also its part of the catalogue
     * @param  list<float>  $times  min after the pour
     * @return list<self>
     */
    public static function numbered(string $id, ActKind $kind, array $times, Message $how, float $lastsMin, float $untilMin): array
    {
        $acts = [];
        foreach ($times as $index => $min) {
            $title = count($times) > 1
                ? Message::of("acts.$id.numbered", number: $index + 1, of: count($times))
                : Message::of("acts.$id.title");
            $acts[] = new self($id.'-'.($index + 1), $kind, $min, $title, $how, $lastsMin, $untilMin);
        }

        return $acts;
    }
}
