<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Measuring;

/** A container of known shape: lines can be drawn on it. */
interface Markable extends Container
{
    /**
     * How high an amount in ml stands in it, mm.
     *
     * @throws VesselException when it does not go in
     */
    public function heightOfMm(float $ml): float;

    /** Area of the resin's top when it stands at a height in mm, mm². */
    public function sectionMm2(float $heightMm): float;

    /** What stands in it up to a height in mm, 0 or more, ml. */
    public function volumeMl(float $heightMm): float;
}
