<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Heat;

/**
 * How much sooner than its label a layer sets that is thicker than the label's own film: it comes to an age when its
 * top has the age that the top of the label's film has then, on the same base with the same start; never later than
 * by the room alone.
 */
final class OwnHeat
{
    /**
     * @param  LayerRun  $film  the film that the label's times are for, followed as long as those last
     * @param  non-empty-list<float>  $byRoomMin  the label's times in this room, min after the pour
     * @return list<float> min after the pour
     */
    public static function of(Curing $curing, PouredLayer $layer, LayerRun $film, array $byRoomMin): array
    {
        $ages = array_map(static fn (float $min): float => $film->topAgeAt($min) ?? INF, $byRoomMin);
        $thick = LayerHeating::until($curing, $layer, new Until(max($ages)));

        return array_map(static fn (float $age, float $min): float => min($min, $thick->minutesToTopAge($age) ?? INF), $ages, $byRoomMin);
    }
}
