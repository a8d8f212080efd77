<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Heat;

use OpenGlaze\Core\Film\Temperatures;
use OpenGlaze\Core\Measuring\UnknownCup;

/** How one resin warms itself in one room, from its label. Worked out when it is first asked for: fitting takes a while. */
final class SelfHeating
{
    private ?Curing $inCup = null;

    private ?Curing $asLayer = null;

    /** @var array<string, float> °C, by depth and age or by amount */
    private array $peaks = [];

    /**
     * @param  Curing  $assumed  with the label's heat of reaction, or the usual one
     * @param  float|null  $potLifeMin  that the heat is fitted to; null where the label gives the heat or no pot life
     * @param  float|null  $potLifeMassG  that it is given for
     * @param  float|null  $deepestMm  layer that the label allows
     * @param  float  $cupLossWM2K  what a cup loses in this room, W/(m² K)
     */
    public function __construct(
        private readonly Curing $assumed,
        private readonly float $densityKgM3,
        private readonly Temperatures $room,
        private readonly ?float $potLifeMin,
        private readonly ?float $potLifeMassG,
        private readonly ?float $deepestMm,
        private readonly float $cupLossWM2K,
    ) {
    }

    /** With the heat that its pot life means; the usual one where none fits. */
    public function inCup(): Curing
    {
        if ($this->inCup === null) {
            $fitted = $this->potLifeMin === null || $this->potLifeMassG === null ? null : PotLife::fittedHeatKjKg($this->assumed, $this->potLifeMin, $this->potLifeMassG, $this->densityKgM3);
            $this->inCup = $fitted === null ? $this->assumed : $this->assumed->withHeat($fitted);
        }

        return $this->inCup;
    }

    /** The same with what its layers lose. */
    public function asLayer(): Curing
    {
        return $this->asLayer ??= $this->deepestMm === null ? $this->inCup() : $this->inCup()->withLayerLoss(LayerLoss::wM2K($this->inCup(), $this->deepestMm, $this->densityKgM3));
    }

    /** How warm a layer gets by itself, °C. @param  float  $ageMin  when it is poured */
    public function layerPeakC(float $depthMm, float $ageMin): float
    {
        return $this->peaks["$depthMm $ageMin"] ??= Heating::asLayer($this->asLayer(), $depthMm, $this->densityKgM3, $this->room, $ageMin)->peakC;
    }

    /** How warm so many ml get in a mould as deep as it is wide, poured fresh, °C. */
    public function lumpPeakC(float $ml): float
    {
        return $this->peaks["$ml ml"] ??= Heating::inCup($this->inCup(), new ResinInCup($ml, $this->densityKgM3, new UnknownCup, $this->room, $this->room->at(0.0), $this->cupLossWM2K))->peakC;
    }
}
