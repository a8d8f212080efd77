<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Amount;

use OpenGlaze\Core\Mix\Residue;
use OpenGlaze\Core\Plan\Coat;
use OpenGlaze\Core\Plan\Piece;
use OpenGlaze\Core\Plan\Studio;

/**
 * How much one coat takes: flooded over the edge and rubbed down the sides, or held on the face alone.
 *
 * Source: geometry (area × film), with run-off, soak and margin as shares found in practice.
 */
final class CoatVolume
{
    public static function of(Studio $studio, Piece $piece, Coat $coat, bool $isFirstCoat): Volume
    {
        $coveredCm2 = $piece->outline->areaMm2() / 100 * $coat->coveragePct->value / 100;
        $edgeMm = $coat->isHeld() ? 0.0 : $piece->coatedEdgeMm();
        $edgeCm2 = $edgeMm * $piece->edgeDepthMm->value / 100;

        $film = $coveredCm2 * $coat->thicknessMm->value / 10 * $coat->texture->value;
        $edges = $edgeMm * $piece->edgeDepthMm->value * $coat->edgeFilmMm->value / 1000;
        $runoff = $coat->isHeld() ? 0.0 : $film * $coat->runoffPct->value / 100;
        $soak = $isFirstCoat ? ($coveredCm2 + $edgeCm2) / 10_000 * $piece->soakMlPerM2->value : 0.0;

        $quantity = $piece->quantity;
        $poured = ($film + $edges + $runoff + $soak) * $quantity;
        $residue = $coat->cups * ($coat->residueMlPerCup->value
            ?? Residue::inUnknownCupMl($poured / $coat->cups, $studio->residueFilmMm->value));

        return new Volume(
            $film * $quantity,
            $edges * $quantity,
            $runoff * $quantity,
            $soak * $quantity,
            $residue,
            ($poured + $residue) * $studio->marginPct->value / 100,
        );
    }
}
