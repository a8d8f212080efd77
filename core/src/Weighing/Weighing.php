<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Weighing;

use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Batch\ColourShare;
use OpenGlaze\Core\Colour\Dose;
use OpenGlaze\Core\Measuring\Mending;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Plan\PartName;

/**
 * What is to be weighed next, by what was weighed so far: the second part follows what the first really was,
 * the first is topped up when the second went past its mark, colours follow the resin that went into their cup.
 *
 * Nothing can be taken out of a cup: every answer adds.
 */
final readonly class Weighing
{
    /** What is off by less than this part of what was planned of it is let be. */
    private const LET_BE = 0.01;

    /** Top-ups after which it is let be: each is a fiftieth of the one before. */
    private const MOST_TOP_UPS = 6;

    /** @var list<WeighStep> */
    public array $steps;

    public float $gotAG;

    public float $gotBG;

    /**
     * @param  float  $aG  planned, above 0
     * @param  float  $bG  planned, above 0
     * @param  list<ColourShare>  $colours  in the order to colour in
     * @param  array<string, float>  $got  g by the id of the step
     * @param  float  $resolutionG  of the scale, above 0
     */
    private function __construct(
        private float $aG,
        private float $bG,
        private PartName $first,
        private float $densityGMl,
        private float $densityAGMl,
        private float $densityBGMl,
        private array $colours,
        private array $got,
        private float $resolutionG,
    ) {
        [$parts, $this->gotAG, $this->gotBG] = $this->parts();
        $this->steps = [...$parts, ...$this->colourSteps($this->gotAG + $this->gotBG, end($parts)->gotG !== null)];
    }

    /**
     * @param  array<string, float>  $got  g by the id of the step
     * @param  PartName|null  $first  that went into the cup first, where not the label's
     *
     * @throws WeighingException when the label gives no density to weigh part B by
     */
    public static function of(BatchResult $batch, array $got, float $resolutionG = 0.1, ?PartName $first = null): self
    {
        $totalG = $batch->mixed->portions->totalG();
        if ($batch->mixed->portions->bG === null || $totalG === null) {
            throw WeighingException::noDensity($batch->resin->name);
        }

        return new self($batch->mixed->portions->aG, $batch->mixed->portions->bG, $first ?? $batch->resin->parts->firstPart, $totalG / $batch->mixed->portions->totalMl(), $batch->mixed->portions->aG / $batch->mixed->portions->aMl, $batch->mixed->portions->bG / $batch->mixed->portions->bMl, $batch->coloured->shares, $got, $resolutionG);
    }

    /** The next step that has no reading; null when all is weighed. */
    public function next(): ?WeighStep
    {
        foreach ($this->steps as $step) {
            if ($step->gotG === null) {
                return $step;
            }
        }

        return null;
    }

    /** Whether both parts are in the cup, and in their ratio: it can be stirred. */
    public function isMeasured(): bool
    {
        return ! ($this->next()?->kind->isPart() ?? false);
    }

    /** How far the ratio of A to B is off as it stands, per cent; null while a part is missing. */
    public function offPct(): ?float
    {
        return Mending::offPct($this->aG, $this->bG, $this->gotAG, $this->gotBG);
    }

    /** What there is more than planned, ml; 0 until both are measured. */
    public function surplusMl(): float
    {
        return $this->isMeasured() ? max(0.0, ($this->gotAG + $this->gotBG - $this->aG - $this->bG) / $this->densityGMl) : 0.0;
    }

    /** @return array{non-empty-list<WeighStep>, float, float} the steps, and what A and B came to */
    private function parts(): array
    {
        $second = $this->first->other();
        $planned = ['a' => $this->aG, 'b' => $this->bG];
        $sum = ['a' => 0.0, 'b' => 0.0];
        $steps = [$this->step($this->first->value, $this->first === PartName::A ? WeighKind::PartA : WeighKind::PartB, Message::of('weighing.part', part: strtoupper($this->first->value)), $planned[$this->first->value])];
        $sum[$this->first->value] = $steps[0]->gotG ?? 0.0;
        $follows = $planned[$second->value] * ($steps[0]->gotG === null ? 1.0 : $steps[0]->gotG / $planned[$this->first->value]);
        $steps[] = $this->step($second->value, $second === PartName::A ? WeighKind::PartA : WeighKind::PartB, Message::of('weighing.part', part: strtoupper($second->value)), $follows);
        $sum[$second->value] = $steps[1]->gotG ?? 0.0;
        for ($number = 1; $number <= self::MOST_TOP_UPS && end($steps)->gotG !== null; $number++) {
            $mending = Mending::of($planned['a'], $planned['b'], $sum['a'], $sum['b'], least: 0.0);
            $more = $mending->addA > $mending->addB ? 'a' : 'b';
            $missing = max($mending->addA, $mending->addB);
            if ($missing <= max(2 * $this->resolutionG, self::LET_BE * $planned[$more])) {
                break;
            }
            $isShort = in_array(end($steps)->kind, $more === 'a' ? [WeighKind::PartA, WeighKind::MoreA] : [WeighKind::PartB, WeighKind::MoreB], true);
            $steps[] = $this->step("more_$more"."_$number", $more === 'a' ? WeighKind::MoreA : WeighKind::MoreB, Message::of('weighing.more', part: strtoupper($more)), $missing, isShort: $isShort);
            $sum[$more] += end($steps)->gotG ?? 0.0;
        }

        return [$steps, $sum['a'], $sum['b']];
    }

    /** @return list<WeighStep> */
    private function colourSteps(float $totalG, bool $measured): array
    {
        $grown = $measured ? $totalG / ($this->aG + $this->bG) : 1.0;
        $steps = [];
        foreach ($this->colours as $at => $share) {
            $resin = $this->step("resin_$at", WeighKind::Resin, Message::of('weighing.resin', cup: $share->cup->name), $share->resinMl * $this->densityGMl * $grown);
            $steps[] = $resin;
            $follows = ($resin->gotG ?? $resin->targetG) / ($share->resinMl * $this->densityGMl);
            foreach ($share->doses as $number => $dose) {
                $steps[] = $this->step("dose_{$at}_$number", WeighKind::Dose, Message::of('weighing.colourant', name: $dose->colourant->name), $dose->grams() * $follows, $dose->colourant->densityGMl->value, $dose->unit->isCounted() ? $dose->times($follows) : null);
            }
        }

        return $steps;
    }

    private function step(string $id, WeighKind $kind, Message $what, float $targetG, ?float $densityGMl = null, ?Dose $counted = null, bool $isShort = false): WeighStep
    {
        $density = $densityGMl ?? match ($kind) {
            WeighKind::PartA, WeighKind::MoreA => $this->densityAGMl,
            WeighKind::PartB, WeighKind::MoreB => $this->densityBGMl,
            default => $this->densityGMl,
        };

        return new WeighStep($id, $kind, $what, $targetG, $density, $this->got[$id] ?? null, $counted, $isShort);
    }
}
