<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Measuring;

use DomainException;
use OpenGlaze\Core\Wording\Wording;

/** A vessel that cannot be, or that does not take what is asked of it. */
final class VesselException extends DomainException
{
    public static function notPositive(): self
    {
        return new self('A vessel needs diameters and a height above 0 mm.');
    }

    public static function floorTooRound(float $mostMm, ?float $heightMm = null): self
    {
        return new self($heightMm === null
            ? sprintf('The floor cannot be rounder than half a ball: at most %s mm.', Wording::number($mostMm, 1))
            : sprintf('The round of the floor is higher than the vessel: %s mm.', Wording::number($heightMm, 1)));
    }

    public static function tooSmall(float $ml, float $capacityMl): self
    {
        return new self(sprintf('%s ml do not go into a vessel of %s ml.', Wording::number($ml, 1), Wording::number($capacityMl, 1)));
    }
}
