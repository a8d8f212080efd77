<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Heat;

use OpenGlaze\Core\Film\FilmClock;
use OpenGlaze\Core\Film\Temperatures;
use OpenGlaze\Core\Measuring\UnknownCup;

/** How one resin warms itself in one room, from its label. Worked out when it is first asked for: fitting takes a while. */
final class SelfHeating
{
    private ?Curing $inCup = null;

    private ?Curing $asLayer = null;

    /** @var array<string, list<LayerRun>> */
    private array $layers = [];

    /** @var array<string, LayerRun> films that the label's times are for, as long as those times last */
    private array $films = [];

    /**
     * @param  Curing  $assumed  with the label's heat of reaction, or the usual one
     * @param  float  $lossWM2K  what a cup loses in this room, W/(m² K)
     * @param  float  $conductivity  of the resin, W/(m K)
     */
    public function __construct(
        private readonly Curing $assumed,
        private readonly float $densityKgM3,
        private readonly Temperatures $room,
        private readonly LabelEvidence $label,
        private readonly float $lossWM2K,
        private readonly float $conductivity,
    ) {
    }

    /** With the heat that its pot life means; the usual one where none fits. */
    public function inCup(): Curing
    {
        if ($this->inCup === null) {
            $fitted = $this->label->potLifeMin === null || $this->label->potLifeMassG === null ? null : $this->ofPotLife($this->label->potLifeMin, $this->label->potLifeMassG);
            $this->inCup = $fitted === null ? $this->assumed : $this->assumed->withHeat($fitted);
        }

        return $this->inCup;
    }

    /** The same for a layer: with no more heat than the label's own depth allows. */
    public function asLayer(): Curing
    {
        return $this->asLayer ??= match (true) {
            $this->label->layerHeatKjKg !== null => $this->inCup()->withHeat($this->label->layerHeatKjKg),
            $this->label->deepestMm !== null => $this->inCup()->withHeat($this->ofDepth($this->label->deepestMm)),
            default => $this->inCup(),
        };
    }

    private function ofPotLife(float $minutes, float $massG): ?float
    {
        return KnownHeats::of('pot life', [...$this->assumed->facts(), $minutes, $massG, $this->densityKgM3], fn (): ?float => PotLife::fittedHeatKjKg($this->assumed, $minutes, $massG, $this->densityKgM3));
    }

    private function ofDepth(float $deepestMm): float
    {
        return KnownHeats::of('depth', [...$this->inCup()->facts(), $deepestMm, $this->densityKgM3, $this->conductivity], fn (): float => LayerHeat::kJKg($this->inCup(), $deepestMm, $this->densityKgM3, $this->conductivity)) ?? $this->inCup()->heatKjKg;
    }

    /**
     * How each lift of a layer fares; what is the same is followed once.
     *
     * @return list<LayerRun>
     */
    public function layers(PouredLayer $layer): array
    {
        return $this->layers[$layer->facts()] ??= LayerHeating::peaks($this->asLayer(), $layer);
    }

    /**
     * When a layer that is thicker than its label's film comes to the label's times.
     *
     * @param  non-empty-list<float>  $labelAges  min at the reference temperature
     * @return list<float> min after the pour
     */
    public function ownHeatMin(PouredLayer $layer, float $labelFilmMm, array $labelAges, FilmClock $clock): array
    {
        $byRoom = array_map($clock->minutesToAge(...), $labelAges);
        $film = $layer->withDepth($labelFilmMm);
        $this->films[$film->facts()] ??= LayerHeating::until($this->asLayer(), $film, new Until(0.0, null, max($byRoom)));

        return OwnHeat::of($this->asLayer(), $layer->withDepth($layer->depthMm), $this->films[$film->facts()], $byRoom);
    }

    /** How warm so many ml get in a mould as deep as it is wide, poured fresh, °C. */
    public function lumpPeakC(float $ml): float
    {
        return Heating::inCup($this->inCup(), new ResinInCup($ml, $this->densityKgM3, new UnknownCup, $this->room, $this->room->at(0.0), $this->lossWM2K))->peakC;
    }
}
