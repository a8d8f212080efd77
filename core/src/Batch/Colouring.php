<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Batch;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Colour\Recipe;
use OpenGlaze\Core\Measuring\Residue;
use OpenGlaze\Core\Measuring\UnknownCup;
use OpenGlaze\Core\Plan\Batch;
use OpenGlaze\Core\Plan\ColourCup;
use OpenGlaze\Core\Plan\Part;
use OpenGlaze\Core\Plan\Studio;

/** How a batch is split into colour cups: what their walls keep, the time that it costs, the order to do it in. */
final class Colouring
{
    /** A part that is named so takes no colour. */
    private const CLEAR = 'clear';

    /** What the walls of a colour cup keep, and of the small cups that it is split into, ml. */
    public static function residueMl(ColourCup $cup, float $resinMl, Studio $studio, ?float $eachKeepsMl): float
    {
        $film = $studio->hands->residueFilmMm->value;
        $keeps = static fn (float $ml): float => $eachKeepsMl ?? Residue::ml(new UnknownCup, $ml, $film);
        $small = $cup->smallCups === 0 ? 0.0 : $cup->smallCups * $keeps($resinMl * (1 - $cup->reservePct / 100) / $cup->smallCups);

        return $keeps($resinMl) + $small;
    }

    /**
     * How many cups are coloured one after the other: the batch's own, or as many as its coats have colours.
     *
     * @param  list<CoatResult>  $coats
     */
    public static function count(Batch $batch, array $coats): int
    {
        return $batch->stirredIn->colours === []
            ? count(array_unique(array_merge([], ...array_map(self::coloursOf(...), $coats))))
            : count(array_filter($batch->stirredIn->colours, static fn (ColourCup $cup): bool => $cup->colour->doses !== []));
    }

    /** @return list<string> the colours that a coat is laid in, wet on wet */
    public static function coloursOf(CoatResult $coat): array
    {
        $colours = array_map(static fn (Part $part): string => Recipe::key($part->colour), $coat->case->coat->manner->parts);

        return array_values(array_unique(array_filter($colours, static fn (string $colour): bool => $colour !== self::CLEAR)));
    }

    /**
     * Light before dark, for a stick carries colour over; oil last of all.
     *
     * @param  list<ColourShare>  $shares
     * @return list<ColourShare>
     */
    public static function inOrder(array $shares): array
    {
        $light = static fn (ColourShare $share): float => $share->seenOver(Grounds::white(), Grounds::THICK_MM)->lightness();
        usort($shares, static fn (ColourShare $a, ColourShare $b): int => [$a->hasOil(), -$light($a)] <=> [$b->hasOil(), -$light($b)]);

        return $shares;
    }
}
