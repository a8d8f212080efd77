<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Batch;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Colour\Recipe;
use OpenGlaze\Core\Plan\Batch;
use OpenGlaze\Core\Plan\ColourCup;
use OpenGlaze\Core\Plan\CupColour;

/** The colour cups that a batch's coats ask for, by the parts in which they are laid. */
final class ColourProposal
{
    /**
     * One cup for each colour that is no clear, with the studio's recipe of that name where there is one.
     *
     * @param  non-empty-list<CoatResult>  $coats  of the batch
     * @param  array<string, Recipe>  $recipes
     * @return list<ColourCup>
     */
    public static function of(Batch $batch, array $coats, array $recipes): array
    {
        $shares = array_map(static fn (CoatResult $coat): Share => new Share($coat, $batch->counts[$coat->case->coat->id] ?? $coat->case->piece->quantity), $coats);
        $all = array_sum(array_map(static fn (Share $share): float => $share->pouredMl, $shares));
        [$ml, $names, $on] = [[], [], []];
        foreach ($shares as $share) {
            $colours = Colouring::coloursOf($share->coat);
            foreach ($share->coat->case->coat->manner->parts as $part) {
                $key = Recipe::key($part->colour);
                if (in_array($key, $colours, true)) {
                    $ml[$key] = ($ml[$key] ?? 0.0) + $share->pouredMl * $part->sharePct / 100;
                    $names[$key] ??= trim($part->colour);
                    $on[$key][] = $share->coat->case->coat->id;
                }
            }
        }
        $cups = [];
        foreach ($ml as $key => $amount) {
            $recipe = Recipe::called($key, $recipes);
            $cups[] = new ColourCup(
                $names[$key],
                round(100 * $amount / $all, 2),
                null,
                new CupColour($recipe->doses ?? [], $recipe?->perMl, $recipe?->id),
                count(array_unique($on[$key])) === count($coats) ? null : array_values(array_unique($on[$key])),
                0,
                0.0,
            );
        }

        return $cups;
    }
}
