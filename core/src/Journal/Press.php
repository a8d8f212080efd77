<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

/** When and on which device something was pressed; moments in ms since 1970. */
final readonly class Press
{
    /**
     * @param  int  $sequence  counts up on its device, from 1
     * @param  int  $pressedMs  by the device's own clock, which may be wrong
     * @param  int  $offsetMs  what the device last measured the studio's clock to be ahead of its own
     * @param  int  $heardMs  by the studio's clock, when it heard of it
     */
    public function __construct(
        public string $device,
        public int $sequence,
        public int $pressedMs,
        public int $offsetMs,
        public int $heardMs,
    ) {
    }

    /** By the studio's clock; never after it was heard of. */
    public function correctedMs(): int
    {
        return min($this->pressedMs + $this->offsetMs, $this->heardMs);
    }
}
