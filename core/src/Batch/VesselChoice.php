<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Batch;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Measuring\Vessel;
use OpenGlaze\Core\Plan\Batch;
use OpenGlaze\Core\Plan\Studio;

/** Which vessel a batch is mixed in: the smallest with room to stir in which it lasts, else the smallest that takes it. */
final class VesselChoice
{
    /**
     * @param  non-empty-list<CoatResult>  $coats  of the batch
     * @param  list<Vessel>  $vessels  at hand
     */
    public static function of(Studio $studio, Batch $batch, array $coats, array $vessels): ?Vessel
    {
        $shares = array_map(static fn (CoatResult $coat): Share => new Share($coat, $batch->counts[$coat->case->coat->id] ?? $coat->case->piece->quantity), $coats);
        $allowance = new Allowance($studio, $coats[0]->case, $vessels);
        $poured = array_sum(array_map(static fn (Share $share): float => $share->pouredMl, $shares));

        return $allowance->vesselFor($poured, Timing::of($shares, $batch->pouring)) ?? $allowance->takesIt($poured);
    }
}
