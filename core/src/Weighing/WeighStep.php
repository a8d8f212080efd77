<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Weighing;

use OpenGlaze\Core\Colour\Dose;
use OpenGlaze\Core\Message\Message;

/** One thing that is put on the scale: a part, more of it, resin into a colour cup, or a dose. */
final readonly class WeighStep
{
    /**
     * @param  string  $id  the name under which its reading is kept
     * @param  float  $targetG  above 0
     * @param  float|null  $gotG  what it really was; null while it is still to come
     */
    public function __construct(
        public string $id,
        public WeighKind $kind,
        public Message $what,
        public float $targetG,
        /** of what is put on, g/ml: where it is measured by volume */
        public float $densityGMl,
        public ?float $gotG,
        /** how many drops, dips or scoops it is, where it is counted */
        public ?Dose $counted = null,
        /** the same part fell short before; else the other one went past its mark */
        public bool $isShort = false,
    ) {
    }

    /** How far it went past its mark, g; negative when it fell short, null while it is to come. */
    public function pastG(): ?float
    {
        return $this->gotG === null ? null : $this->gotG - $this->targetG;
    }
}
