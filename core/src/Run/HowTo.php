<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Run;

use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Plan\ResinSheet;

/** How the hands do what comes before the film's clock: stirring and pouring. */
final class HowTo
{
    /** Slowly, for the maker's time where the label says one, in two cups. */
    public static function stir(ResinSheet $resin): Message
    {
        return $resin->times->mixMin === null
            ? Message::of('acts.stir.until_clear')
            : Message::of('acts.stir.minutes', time: Measure::minutes($resin->times->mixMin->value));
    }

    /** A held film is pushed up to the rim, an open one over it. */
    public static function pour(bool $held): Message
    {
        return Message::of($held ? 'acts.pour.held' : 'acts.pour.open');
    }
}
