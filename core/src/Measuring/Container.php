<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Measuring;

/** What mixed resin stands in, by how much there is of it (ml, above 0). */
interface Container
{
    /**
     * Wall and floor that it touches, mm².
     *
     * @throws VesselException when it does not go in
     */
    public function wettedMm2(float $ml): float;

    /**
     * Its whole surface, wall, floor and top, mm².
     *
     * @throws VesselException when it does not go in
     */
    public function surfaceMm2(float $ml): float;
}
