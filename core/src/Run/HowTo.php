<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Run;

use OpenGlaze\Core\Plan\ResinSheet;
use OpenGlaze\Core\Quantity\Wording;

/** How the hands do what comes before the film's clock: stirring and pouring. */
final class HowTo
{
    /** Slowly, for the maker's time where the label says one, in two cups. */
    public static function stir(ResinSheet $resin, Wording $say): string
    {
        $time = $resin->mixMin === null ? '' : ' for '.$say->minutes($resin->mixMin->value);

        return "Stir slowly$time, scrape wall, floor and stick. Then stir again in a second clean cup: the wall of the first holds unmixed resin.";
    }

    /** A held film is pushed up to the rim, an open one over it. */
    public static function pour(bool $held): string
    {
        return 'In the middle or in ribbons; push, do not brush; '
            .($held ? 'the wet edge up to the rim last, and not over it. Every spot touched wet.' : 'the wet edge out to the rim last, and over it. Every spot and the sides touched wet.');
    }
}
