<?php

declare(strict_types=1);

namespace Bench;

use OpenGlaze\Core\Edge\FaceFlow;
use OpenGlaze\Core\Edge\FlowTable;

/** How far the table of what edges keep is off its own solver. */
final class Edges
{
    private const DRAWS = 150;

    /** The largest share that a mean is off, of 150 films and times at random. */
    public static function worstShare(): float
    {
        mt_srand(7);
        $worst = 0.0;
        for ($draw = 0; $draw < self::DRAWS; $draw++) {
            $laid = exp(log(64) * mt_rand() / mt_getrandmax());
            $time = 10 ** (-6 + 7 * mt_rand() / mt_getrandmax());
            $solved = (new FaceFlow(max(1.0001, $laid), 160, 0.06))->to($time)->mean();
            $worst = max($worst, abs(FlowTable::mean(max(1.0001, $laid), $time) / $solved - 1));
        }

        return $worst;
    }
}
