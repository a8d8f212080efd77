<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tracing;

use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Message\SaidException;

/** A tracing that gives no outline. */
final class TracingException extends SaidException
{
    public static function pointsTooClose(): self
    {
        return new self(Message::of('tracings.points_too_close'));
    }

    public static function noSheet(): self
    {
        return new self(Message::of('tracings.no_sheet'));
    }

    public static function beyondTheHorizon(): self
    {
        return new self(Message::of('tracings.beyond_horizon'));
    }
}
