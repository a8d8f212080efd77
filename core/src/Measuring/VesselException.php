<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Measuring;

use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Message\SaidException;

/** A vessel that cannot be, or that does not take what is asked of it. */
final class VesselException extends SaidException
{
    public static function notPositive(): self
    {
        return new self(Message::of('vessels.not_positive'));
    }

    public static function floorTooRound(float $mostMm, ?float $heightMm = null): self
    {
        return new self($heightMm === null
            ? Message::of('vessels.floor_too_round', most: Measure::number($mostMm, 1))
            : Message::of('vessels.floor_too_high', height: Measure::number($heightMm, 1)));
    }

    public static function tooSmall(float $ml, float $capacityMl): self
    {
        return new self(Message::of('vessels.too_small', ml: Measure::number($ml, 1), holds: Measure::number($capacityMl, 1)));
    }
}
