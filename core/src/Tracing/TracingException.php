<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tracing;

use DomainException;

/** A tracing that gives no outline; the message is a sentence for the person. */
final class TracingException extends DomainException
{
    public static function pointsTooClose(): self
    {
        return new self('The two points of the known length lie on each other: mark them farther apart.');
    }

    public static function noSheet(): self
    {
        return new self('These corners make no four-sided sheet: mark them one after the other, going round it.');
    }

    public static function beyondTheHorizon(): self
    {
        return new self('The outline runs past the horizon that these corners mean: mark the corners of the sheet again.');
    }
}
