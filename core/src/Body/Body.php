<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Body;

/** What a piece without an outline is measured by. Null where that cannot be told from it. */
interface Body
{
    /** Surface to be coated, mm². */
    public function areaMm2(): ?float;

    /** What fills it, ml. */
    public function holdsMl(): ?float;

    /** How deep it is at its deepest, mm. */
    public function deepestMm(): ?float;

    /**
     * Width and height in mm of what is seen of it.
     *
     * @return array{float, float}|null
     */
    public function boxMm(): ?array;

    /** What its coat takes by itself, ml: a small thing that is counted, not measured. */
    public function eachMl(): ?float;

    /** Whether its figures are only a rough estimate. */
    public function isRough(): bool;
}
