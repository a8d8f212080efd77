<?php

declare(strict_types=1);

namespace App\Scale;

/** A bench scale, read by short questions. None of them throws: what is wrong is in the reading. */
interface Scale
{
    public function reading(): ScaleReading;

    /** Shows nothing for what lies on it now. */
    public function zero(): ScaleReading;
}
