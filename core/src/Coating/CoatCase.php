<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Coating;

use OpenGlaze\Core\Amount\CoatVolume;
use OpenGlaze\Core\Amount\Face;
use OpenGlaze\Core\Amount\LaidBelow;
use OpenGlaze\Core\Amount\Sized;
use OpenGlaze\Core\Amount\SizingException;
use OpenGlaze\Core\Amount\Volume;
use OpenGlaze\Core\Colour\Colourant;
use OpenGlaze\Core\Edge\DrainingFace;
use OpenGlaze\Core\Edge\EdgeLimit;
use OpenGlaze\Core\Edge\LaidToStay;
use OpenGlaze\Core\Edge\RunningFilm;
use OpenGlaze\Core\Edge\WetEdge;
use OpenGlaze\Core\Film\ChangingFilmClock;
use OpenGlaze\Core\Film\FilmClock;
use OpenGlaze\Core\Film\Kinetics;
use OpenGlaze\Core\Film\Liquid;
use OpenGlaze\Core\Film\SteadyFilmClock;
use OpenGlaze\Core\Film\Temperatures;
use OpenGlaze\Core\Heat\SelfHeating;
use OpenGlaze\Core\Held\Dome;
use OpenGlaze\Core\Held\HeldFilm;
use OpenGlaze\Core\Held\Meniscus;
use OpenGlaze\Core\Mix\Mixture;
use OpenGlaze\Core\Plan\Coat;
use OpenGlaze\Core\Plan\CoatKind;
use OpenGlaze\Core\Plan\Containment;
use OpenGlaze\Core\Plan\Inclusion;
use OpenGlaze\Core\Plan\Laying;
use OpenGlaze\Core\Plan\Piece;
use OpenGlaze\Core\Plan\ResinSheet;
use OpenGlaze\Core\Plan\SizeBy;
use OpenGlaze\Core\Plan\Studio;
use OpenGlaze\Core\Plan\Thinner;
use OpenGlaze\Core\Quantity\Sourced;
use OpenGlaze\Core\Surface\Surface;

/** One coat with all that it is computed from. */
final readonly class CoatCase
{
    /** From here on resin stays where it is placed, Pa·s. */
    public const STAYS_PA_S = 10.0;

    /** The film of what is only counted, mm. */
    public const COUNTED_MM = 1.6;

    /** Past this it drags threads, Pa·s. */
    public const THREADS_PA_S = 20.0;

    /** A length of coated edge that is so near to all of it is all. */
    private const WHOLE_EDGE = 1e-9;

    public Liquid $liquid;

    /** The film's clock, on its base. */
    public FilmClock $clock;

    /** The same where its base is as warm as the room. */
    public FilmClock $roomClock;

    public Face $face;

    public CoatVolume $volume;

    public Sized $sized;

    /** Mean thickness of the whole coat; null where there is no face. */
    public ?Sourced $thicknessMm;

    /** How the film stands at the edge; null unless it is held there. */
    public ?HeldFilm $held;

    /** How it warms itself. */
    public CoatHeat $heat;

    /** The pours that it is split into; one unless it is dammed by total depth. */
    public LiftPlan $lifts;

    /**
     * @param  SelfHeating|null  $selfHeating  how its resin warms itself, where that is known
     * @param  list<Colourant>  $colourants  that are stirred into its resin
     *
     * @throws SizingException when its amount cannot be worked out
     */
    public function __construct(
        public Studio $studio,
        public Piece $piece,
        public ResinSheet $resin,
        public Coat $coat,
        public LaidBelow $ground,
        public ?SelfHeating $selfHeating,
        public array $colourants = [],
        public Thinner $thinner = Thinner::None,
    ) {
        $this->liquid = $resin->liquid();
        $this->face = Face::of($piece, $coat);
        if ($coat->isHeld() && $this->face->domeEdge === null) {
            throw SizingException::noOutlineToHold();
        }
        $this->volume = new CoatVolume($studio, $piece, $coat, $this->face, $ground, $this->liquid);
        $kinetics = $resin->kinetics($studio);
        // older than ages go is the same
        $age = min($coat->manner->ageMin->value, $kinetics->stiffAgeMin());
        $this->roomClock = self::clockOf($kinetics, $studio->room->temperatures, $age);
        $offK = $this->baseOffK();
        $onBase = $offK === 0.0 ? $this->roomClock : self::clockOf($kinetics, $studio->room->temperatures->beginningOff($offK, $this->baseTimeConstantMin()), $age);
        $this->sized = Sized::of($this->volume, $this->lipMm(), $resin->setting->shrinkagePct->value, $this->laidToStayBy($onBase));
        $this->thicknessMm = $this->sized->thicknessMm;
        $this->held = $this->computeHeld();
        $this->heat = new CoatHeat($this);
        $this->lifts = LiftPlan::of($this);
        // a layer that is followed through its depth takes up the base's temperature there
        $this->clock = $this->heat->isFollowed() ? $this->roomClock : $onBase;
    }

    /** Its thickness spread over the whole face of the piece, mm; null without a face. */
    public function meanOnPieceMm(): ?float
    {
        $area = $this->piece->areaMm2();

        return $area === null || $this->thicknessMm === null ? null : $this->thicknessMm->value * $this->volume->coveredMm2 / $area;
    }

    /** The air in °C when it is poured, which the humidity is of: what moisture it holds stays in the room. */
    public function airC(): float
    {
        return $this->studio->room->temperatures->at(0.0);
    }

    /** Whether nothing lies below it yet. */
    public function isFirstCoat(): bool
    {
        return $this->ground->isRaw;
    }

    public function isInLifts(): bool
    {
        return $this->coat->isDammed() && $this->coat->asked->size->by === SizeBy::TotalDepth;
    }

    /** Depth in mm of one pour, where its film has one. */
    public function filmMm(): ?float
    {
        return $this->thicknessMm === null ? null : $this->lifts->depthMm ?? $this->thicknessMm->value;
    }

    /** The film that flows, sets and is torched: one lift's; of what is only counted, a usual one. */
    public function flowing(): ?Sourced
    {
        return match (true) {
            $this->thicknessMm !== null => Sourced::from($this->filmMm() ?? $this->thicknessMm->value, $this->thicknessMm->origin),
            $this->piece->body?->eachMl() !== null => Sourced::assumed(self::COUNTED_MM),
            default => null,
        };
    }

    /** How deep one pour stands at its deepest, mm: a share of a mould as if its walls were straight. Null where that is not known. */
    public function deepestMm(): ?float
    {
        $deepest = $this->piece->body?->deepestMm();
        $holds = $this->piece->holdsMl();
        if ($deepest === null || $holds === null || ! $this->coat->isDammed()) {
            return $this->filmMm();
        }

        return max($this->filmMm() ?? 0.0, $deepest * min(1.0, $this->sized->filmMl / $holds) / $this->lifts->count);
    }

    /** It is poured into something whose depth nobody measured: it is judged as a lump as deep as it is wide. */
    public function isLump(): bool
    {
        return $this->coat->isDammed() && $this->piece->holdsMl() !== null && $this->deepestMm() === null;
    }

    /** What part A and part B make together, for this depth of pour. */
    public function mixture(): Mixture
    {
        return $this->lifts->mixture;
    }

    /** How much of a lip still stands above what lies in it, mm. */
    public function lipMm(): float
    {
        return $this->coat->asked->coverage->zone !== null || $this->piece->rim->lipMm === null ? 0.0 : max(0.0, $this->piece->rim->lipMm->value - $this->ground->belowMm);
    }

    /** Whether what lies below or in it gives off air while the film is fluid: a base that drinks, and is not sealed yet; things that drink or hold air. */
    public function airFromBelow(): bool
    {
        return ($this->volume->rawMm2 > 0 && $this->coat->kind !== CoatKind::Seal && $this->face->soakMlPerM2->value >= Surface::SEAL_FROM_ML_M2)
            || array_filter($this->coat->asked->coverage->inclusions, static fn (Inclusion $one): bool => $one->traits->drinks || $one->traits->trapsAir) !== [];
    }

    /** Whether oil stands under it, or comes to: nothing bonds to that in the window. */
    public function isOilFilm(): bool
    {
        return array_filter($this->colourants, static fn (Colourant $one): bool => $one->stuff->isOil) !== [];
    }

    /** Whether it is laid on an oil film. */
    public function isAfterOil(): bool
    {
        return $this->coat->ground->afterOil || $this->ground->onOil;
    }

    /** @return list<Inclusion> what stands out of the finished film */
    public function proud(): array
    {
        $depth = $this->thicknessMm?->value;

        return $depth === null ? [] : array_values(array_filter($this->coat->asked->coverage->inclusions, static fn (Inclusion $one): bool => $one->standsProudOf($depth)));
    }

    /** How its face drains over the edge that it is flooded over; null where it is not. */
    public function drainingFace(): ?DrainingFace
    {
        if (! $this->coat->isOpen() || $this->face->coatedEdgeMm <= 0 || $this->volume->coveredMm2 <= 0) {
            return null;
        }
        $edge = $this->piece->outline?->perimeterMm() ?? INF;

        return new DrainingFace(
            EdgeLimit::mm($this->piece->edge->radiusMm->value, $this->liquid->capillaryLengthMm()),
            $this->volume->coveredMm2 / $this->face->coatedEdgeMm,
            $this->piece->coatedEdgeMm() < $edge * (1 - self::WHOLE_EDGE) ? 0.0 : DrainingFace::roundShare($this->piece->areaMm2() ?? 0.0, $edge),
        );
    }

    /** The resin that is laid on the face with what is poured to run off, mm: what stands in it is none. Null where there is no face. */
    public function laidMm(): ?float
    {
        return $this->volume->coveredMm2 > 0 ? ($this->sized->filmMl * (1 + $this->volume->runoffShare) - $this->solidMl()) * 1000 / $this->volume->coveredMm2 : null;
    }

    /** The resin that is asked for, mm: what is to stay, where it is sized by that; else the film without what is poured to run off. Null without a face. */
    public function askedMm(): ?float
    {
        return match (true) {
            $this->coat->asked->size->by === SizeBy::Stays => $this->coat->asked->size->value->value,
            $this->volume->coveredMm2 > 0 => ($this->sized->filmMl - $this->solidMl()) * 1000 / $this->volume->coveredMm2,
            default => null,
        };
    }

    /** Its coated edge, and the face that feeds it; null where it is not flooded over one. */
    public function wetEdge(): ?WetEdge
    {
        [$face, $laid] = [$this->drainingFace(), $this->laidMm()];

        return $face === null || $laid === null || $laid <= 0 ? null
            : new WetEdge(new RunningFilm($laid, $face, $this->liquid), $this->piece->edge->depthMm->value, $this->coat->asked->edge->filmMm->value, $this->liquid, $this->clock);
    }

    /** What the piece's edge holds where an open coat is not flooded over it, mm; null where it is flooded over all of it. */
    public function uncoatedEdgeHoldsMm(): ?float
    {
        $all = $this->face->edgeMm;
        if (! $this->coat->isOpen() || $this->coat->asked->coverage->zone !== null || $all === null || $this->face->coatedEdgeMm >= $all * (1 - 1e-9)) {
            return null;
        }

        return $this->edgeHoldsMm();
    }

    /** The most that stands on the face where it is not let over the edge, mm; null without a face. */
    public function edgeHoldsMm(): ?float
    {
        return $this->face->domeEdge === null ? null
            : $this->lipMm() + HeldFilm::limitMm($this->face->domeEdge, $this->liquid->capillaryLengthMm(), $this->studio->wetting->advancingAngleDeg->value, $this->face->turnDeg);
    }

    /** How much is laid for a film to stay; null where none runs off. */
    public function laidToStay(): ?LaidToStay
    {
        return $this->laidToStayBy($this->clock);
    }

    /** How much warmer its base is than the room when it is poured, K. */
    public function baseOffK(): float
    {
        return ($this->studio->room->surfaceC->value ?? $this->airC()) - $this->airC();
    }

    /** How long its base takes to come within e⁻¹ of the room, min. */
    public function baseTimeConstantMin(): float
    {
        return $this->piece->face->base->timeConstantMin($this->piece->face->baseMm?->value);
    }

    /** The film in mm that a relief keeps on its slopes for good, at most what is laid; null without one. */
    public function staysOnReliefMm(): ?float
    {
        return $this->coat->ground->reliefMm === null || $this->thicknessMm === null ? null
            : min($this->thicknessMm->value, WetEdge::holdsMm($this->coat->ground->reliefMm->value, $this->clock->mobilityInTheEnd(), $this->liquid));
    }

    /** How high the resin climbs its wall, mm: the lip that it leaves there. Null where nothing dams it. */
    public function lipLeftMm(): ?float
    {
        return $this->coat->isDammed() ? Meniscus::riseMm($this->liquid->capillaryLengthMm(), $this->studio->wetting->wallAngleDeg->value) : null;
    }

    /** The mean top coat in mm that this lip holds: flat up to it, and the dome of its own edge. */
    public function lipHoldsMm(): ?float
    {
        $lip = $this->lipLeftMm();
        if ($lip === null || $this->face->domeEdge === null) {
            return null;
        }
        $edge = HeldFilm::mostDeg($this->studio->wetting->advancingAngleDeg->value, $this->face->turnDeg);

        return $lip + Dome::meetingAt($this->face->domeEdge, $edge, $this->liquid->capillaryLengthMm())->meanMm();
    }

    /**
     * From when to when it stays where it is placed, minutes after the mixing; null unless it is placed thick.
     *
     * @return array{float, float}|null
     */
    public function placedMin(): ?array
    {
        return $this->coat->asked->containment === Containment::Placed && $this->coat->manner->laying !== Laying::Brush
            ? [$this->clock->minutesToViscosity(self::STAYS_PA_S), $this->clock->minutesToViscosity(self::THREADS_PA_S)]
            : null;
    }

    /** Edge to be coated on all pieces together, in metres. */
    public function coatedEdgeM(): float
    {
        return $this->face->coatedEdgeMm / 1000 * $this->piece->quantity;
    }

    private function laidToStayBy(FilmClock $clock): ?LaidToStay
    {
        $face = $this->drainingFace();

        return $face === null ? null : new LaidToStay($face, $this->liquid, $clock->mobilityInTheEnd());
    }

    private static function clockOf(Kinetics $kinetics, Temperatures $room, float $ageMin): FilmClock
    {
        return $room->isSteady() ? new SteadyFilmClock($kinetics, $room->at(0.0), $ageMin) : new ChangingFilmClock($kinetics, $room, $ageMin);
    }

    /** What stands in the film of one piece, ml. */
    private function solidMl(): float
    {
        return -array_sum(array_map(static fn (Volume $lift): float => $lift->displacedMl, $this->lifts->volumes)) / $this->piece->quantity;
    }

    private function computeHeld(): ?HeldFilm
    {
        return ! $this->coat->isHeld() || $this->thicknessMm === null || $this->face->areaMm2 === null || $this->face->domeEdge === null ? null : HeldFilm::of(
            $this->thicknessMm->value,
            $this->face->areaMm2,
            $this->face->domeEdge,
            $this->liquid->capillaryLengthMm(),
            $this->studio->wetting->advancingAngleDeg->value,
            $this->face->turnDeg,
            $this->lipMm(),
        );
    }
}
