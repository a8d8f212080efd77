<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Amount;

use OpenGlaze\Core\Film\Liquid;
use OpenGlaze\Core\Held\Meniscus;
use OpenGlaze\Core\Measuring\Residue;
use OpenGlaze\Core\Measuring\UnknownCup;
use OpenGlaze\Core\Plan\Coat;
use OpenGlaze\Core\Plan\Inclusion;
use OpenGlaze\Core\Plan\Piece;
use OpenGlaze\Core\Plan\SizeBy;
use OpenGlaze\Core\Plan\Studio;
use OpenGlaze\Core\Quantity\Origin;
use OpenGlaze\Core\Quantity\Sourced;

/**
 * Where the resin of one coat goes besides its film: down the edges, over them, into the surface, up
 * the wall, round inclusions, and what cups keep.
 *
 * Source: geometry, with run-off, soak and margin as shares found in practice.
 */
final readonly class CoatVolume
{
    public float $coveredMm2;

    /** Per piece, ml. */
    public float $edgesMl;

    /** Of what it covers, what no coat lies on yet. */
    public float $rawMm2;

    /** Of the edge that it runs over, what no coat lies on yet. */
    public float $rawEdgeMm;

    /** Per piece, ml. */
    public float $soakMl;

    /** Per piece, ml; once per coat. */
    public float $climbMl;

    /** What is poured on top of an open film, to run over its edge. */
    public Sourced $runoffPct;

    /** The same as a share of the film; 0 unless it is open. */
    public float $runoffShare;

    public function __construct(
        private Studio $studio,
        public Piece $piece,
        public Coat $coat,
        public Face $face,
        public LaidBelow $ground,
        public Liquid $liquid,
    ) {
        $this->coveredMm2 = ($face->areaMm2 ?? 0.0) * $coat->asked->coverage->coveragePct->value / 100;
        $edgeMm = $coat->isOpen() ? $face->coatedEdgeMm : 0.0;
        $this->edgesMl = $edgeMm * $piece->edge->depthMm->value * $coat->asked->edge->filmMm->value / 1000;
        $this->rawMm2 = $ground->wetted->rawMm2($this->coveredMm2, $coat->asked->coverage->zone, $piece->areaMm2() ?? 0.0);
        $this->rawEdgeMm = $ground->wetted->rawEdgeMm($edgeMm, $piece->coatedEdgeMm());
        $this->soakMl = ($this->rawMm2 + $this->rawEdgeMm * $piece->edge->depthMm->value) / 1e6 * $face->soakMlPerM2->value;
        $this->climbMl = $coat->isDammed()
            ? Meniscus::climbMlPerM($liquid->capillaryLengthMm(), $studio->wetting->wallAngleDeg->value) * ($face->edgeMm ?? 0.0) / 1000
            : 0.0;
        // where no edge is coated nothing runs over, unless somebody says so
        $this->runoffPct = $edgeMm <= 0 && $coat->asked->edge->runoffPct->origin === Origin::Assumed ? Sourced::assumed(0.0) : $coat->asked->edge->runoffPct;
        $this->runoffShare = $coat->isOpen() ? $this->runoffPct->value / 100 : 0.0;
    }

    /** Ml per piece, 0 or more, that inclusions take between two heights above the coat's floor. */
    public function solidMl(float $fromMm, float $toMm, float $fullMm): float
    {
        $share = $fullMm > 0 ? ($toMm - $fromMm) / $fullMm : 1.0;

        return $this->coat->asked->coverage->displacedMl->value * $share + array_sum(array_map(
            static fn (Inclusion $inclusion): float => $inclusion->solidMlBetween($fromMm, $toMm, $fullMm),
            $this->coat->asked->coverage->inclusions,
        ));
    }

    /** Ml per piece that inclusions take when the depth is not known: all of them lie below the surface. */
    public function allSolidMl(): float
    {
        return $this->coat->asked->coverage->displacedMl->value + array_sum(array_map(
            static fn (Inclusion $inclusion): float => $inclusion->place->onTop ? 0.0 : $inclusion->solidMl,
            $this->coat->asked->coverage->inclusions,
        ));
    }

    /**
     * The whole of one pour, for all pieces.
     *
     * @param  float  $filmMl  per piece
     * @param  float  $solidMl  per piece, 0 or more
     * @param  bool  $isFirst  whether it is the first lift, which soaks in and climbs the wall
     */
    public function of(float $filmMl, float $solidMl, bool $isFirst = true): Volume
    {
        $quantity = $this->piece->quantity;
        $edges = $isFirst ? $this->edgesMl : 0.0;
        $soak = $isFirst ? $this->soakMl : 0.0;
        $climb = $isFirst ? $this->climbMl : 0.0;
        $runoff = $filmMl * $this->runoffShare;
        $poured = ($filmMl + $edges + $runoff + $soak + $climb - $solidMl) * $quantity;
        $residue = $this->residueMl($poured);

        return new Volume(
            $filmMl * $quantity,
            $edges * $quantity,
            $runoff * $quantity,
            $soak * $quantity,
            $climb * $quantity,
            $solidMl > 0 ? -$solidMl * $quantity : 0.0,
            $residue,
            ($poured + $residue) * $this->studio->hands->marginPct->value / 100,
        );
    }

    /**
     * The film in ml per piece that is left of so much mixed for each piece.
     *
     * @throws SizingException when nothing is left, or less than any film
     */
    public function filmOfMixed(float $mixedMl, float $solidMl): float
    {
        $quantity = $this->piece->quantity;
        $out = $mixedMl * $quantity / (1 + $this->studio->hands->marginPct->value / 100);
        $poured = $this->pouredOf($out);
        $film = ($poured / $quantity - $this->edgesMl - $this->soakMl - $this->climbMl + $solidMl) / (1 + $this->runoffShare);
        $least = SizeBy::Thickness->range()[0] * $this->coveredMm2 / 1000;
        if ($film <= 0 || $film < $least) {
            throw SizingException::mixedTooLittle($this->of($least, $solidMl)->totalMl() / $quantity);
        }

        return $film;
    }

    private function residueMl(float $pouredMl): float
    {
        return $this->coat->manner->cup->cups * ($this->coat->manner->cup->residueMlPerCup->value
            ?? Residue::ml(new UnknownCup, $pouredMl / $this->coat->manner->cup->cups, $this->studio->hands->residueFilmMm->value));
    }

    /** What is poured when so much is in the cups: p + residue(p) = out, by Newton's steps from above. */
    private function pouredOf(float $outMl): float
    {
        if ($this->coat->manner->cup->residueMlPerCup !== null) {
            return max(0.0, $outMl - $this->residueMl($outMl));
        }
        $poured = $outMl;
        for ($i = 0; $i < 50; $i++) {
            $residue = $this->residueMl($poured);
            $next = $poured - ($poured + $residue - $outMl) / (1 + ($poured > 0 ? $residue * 2 / 3 / $poured : 0));
            if (abs($next - $poured) <= 1e-12 * $outMl) {
                break;
            }
            $poured = max(0.0, $next);
        }

        return $poured;
    }
}
