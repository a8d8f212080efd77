<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Run;

use OpenGlaze\Core\Message\Message;

/**
 * Oil that is touched into a wet film: it opens cells, and is looked at again while they still move.
 *
 * Source: the studio's practice; an estimate.
 */
final class EffectOil
{
    private const WATCH_FROM_MIN = 10.0;

    private const LASTS_MIN = 1.0;

    /**
     * What the film wants because of it.
     *
     * @param  string  $name  that tells these touches from others
     * @param  float  $atMin  min after the pour
     * @param  float  $closesMin  until when the film heals
     */
    public static function sequel(string $name, float $atMin, float $closesMin): Sequel
    {
        $watch = $atMin + self::WATCH_FROM_MIN;

        return $watch >= $closesMin ? Sequel::nothing()
            : new Sequel([new Act("oil-$name", ActKind::Look, $watch, Message::of('acts.oil.title'), Message::of('acts.oil.how'), self::LASTS_MIN, $closesMin)]);
    }
}
