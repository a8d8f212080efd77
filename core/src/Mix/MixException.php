<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Mix;

use DomainException;
use OpenGlaze\Core\Wording\Wording;

/** A mix that cannot be; the message is a sentence for the person. */
final class MixException extends DomainException
{
    public static function ratioNotPositive(float $a, float $b): self
    {
        return new self(sprintf('Both parts of a ratio must be more than 0; this one is %s to %s.', (string) $a, (string) $b));
    }

    public static function outsideCatalystTable(float $depthMm, float $leastMm, float $mostMm): self
    {
        return new self(sprintf(
            'The label\'s catalyst table goes from %s to %s mm, and this layer is %s mm: plan a layer within it, or several.',
            Wording::number($leastMm, 2), Wording::number($mostMm, 2), Wording::number($depthMm, 2),
        ));
    }

    public static function densityNotPositive(): self
    {
        return new self('The densities of both parts must be more than 0 g/ml.');
    }
}
