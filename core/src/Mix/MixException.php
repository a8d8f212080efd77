<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Mix;

use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Message\SaidException;

/** A mix that cannot be. */
final class MixException extends SaidException
{
    public static function ratioNotPositive(float $a, float $b): self
    {
        return new self(Message::of('mixes.ratio_not_positive', a: (string) $a, b: (string) $b));
    }

    public static function outsideCatalystTable(float $depthMm, float $leastMm, float $mostMm): self
    {
        return new self(Message::of('mixes.outside_catalyst_table', least: Measure::number($leastMm, 2), most: Measure::number($mostMm, 2), depth: Measure::number($depthMm, 2)));
    }

    public static function densityNotPositive(): self
    {
        return new self(Message::of('mixes.density_not_positive'));
    }
}
