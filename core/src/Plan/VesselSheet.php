<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Measuring\Vessel;
use OpenGlaze\Core\Message\Message;

/** A cup, jug or dish of the studio. */
final readonly class VesselSheet
{
    /**
     * @param  float|null  $graduationMl  between its marks; null where it has none
     * @param  float|null  $weightG  empty
     * @param  string|null  $material  silicone, plastic, paper, glass, metal, or in words
     * @param  int|null  $have  how many of it there are; null where nobody counts them
     */
    public function __construct(
        public string $id,
        public string $name,
        public Vessel $shape,
        public ?float $graduationMl,
        public ?float $weightG,
        public ?string $material,
        public ?int $have = null,
    ) {
    }

    /** Wider than it is high by so much that one waits in it, and does not pour from it. */
    public function isDish(): bool
    {
        return $this->shape->bottomMm > 2 * $this->shape->heightMm;
    }

    /** What hardens in it stays in it: it is used once. */
    public function isUsedOnce(): bool
    {
        return $this->material === 'glass' || $this->material === 'paper';
    }

    /** What hardens in it is broken out of it; until then it is out of use. */
    public function isBrokenOut(): bool
    {
        return $this->material === 'silicone' || $this->material === 'flexible';
    }

    /** What becomes of it after the pour, in a short sentence; null when nothing is known of it. */
    public function afterwards(): ?Message
    {
        return match ($this->material) {
            'silicone', 'flexible' => Message::of('vessels.afterwards.hardens'),
            'glass' => Message::of('vessels.afterwards.lost'),
            'paper' => Message::of('vessels.afterwards.bin'),
            'plastic', 'metal' => Message::of('vessels.afterwards.wipe'),
            default => null,
        };
    }
}
