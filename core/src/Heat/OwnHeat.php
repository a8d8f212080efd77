<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Heat;

use OpenGlaze\Core\Film\FilmClock;

/**
 * How much sooner than its label a layer sets that is thicker than the label's own film: it comes to an age when its
 * top has the age that the top of the label's film has then, on the same base with the same start; never later than
 * by the room alone.
 */
final readonly class OwnHeat
{
    /** @param  list<float>  $mins  after the pour, for each age that was asked for */
    private function __construct(public array $mins)
    {
    }

    /**
     * @param  float  $labelFilmMm  that the label's times are for, thinner than the layer
     * @param  non-empty-list<float>  $labelAges  the label's times, min at the reference temperature
     */
    public static function of(Curing $curing, PouredLayer $layer, float $labelFilmMm, array $labelAges, FilmClock $clock): self
    {
        $byRoom = array_map($clock->minutesToAge(...), $labelAges);
        $film = LayerHeating::until($curing, $layer->withDepth($labelFilmMm), new Until(0.0, null, max($byRoom)));
        $ages = array_map(static fn (float $min): float => $film->topAgeAt($min) ?? INF, $byRoom);
        $thick = LayerHeating::until($curing, $layer, new Until(max($ages)));

        return new self(array_map(static fn (float $age, float $min): float => min($min, $thick->minutesToTopAge($age) ?? INF), $ages, $byRoom));
    }
}
