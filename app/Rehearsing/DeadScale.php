<?php

declare(strict_types=1);

namespace App\Rehearsing;

use App\Scale\Scale;
use App\Scale\ScaleFault;
use App\Scale\ScaleReading;

/** A scale whose battery died before the evening began. */
final class DeadScale implements Scale
{
    public function reading(): ScaleReading
    {
        return ScaleReading::fault(ScaleFault::Silent);
    }

    public function zero(): ScaleReading
    {
        return $this->reading();
    }
}
