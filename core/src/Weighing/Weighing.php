<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Weighing;

use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Colour\Dose;
use OpenGlaze\Core\Measuring\MeasuredBy;
use OpenGlaze\Core\Measuring\Mending;
use OpenGlaze\Core\Measuring\RoundedParts;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Mix\Portions;
use OpenGlaze\Core\Plan\PartName;

/**
 * What is to be weighed next, by what was weighed so far: the second part follows what the first really was,
 * the first is topped up when the second went past its mark, colours follow the resin that went into their cup.
 *
 * Nothing can be taken out of a cup: every answer adds.
 */
final readonly class Weighing
{
    /** What is asked about before it counts: an entry of more than so many times what is missing. */
    public const ASKED_FROM = 2.0;

    /** What is off by less than this part of what the resin takes is let be. */
    private const LET_BE_OF_TOLERANCE = 0.5;

    /** Top-ups after which it is let be: each is a fiftieth of the one before. */
    private const MOST_TOP_UPS = 6;

    /** @var list<WeighStep> */
    public array $steps;

    public float $gotAG;

    public float $gotBG;

    /** Planned, as it is shown: the first in whole steps, the other in the label's own ratio to it. */
    private float $aG;

    private float $bG;

    private Portions $planned;

    /**
     * @param  array<string, float>  $got  g by the id of the step
     * @param  float  $resolutionG  of the scale, above 0
     */
    private function __construct(private BatchResult $batch, private PartName $first, private array $got, private float $resolutionG)
    {
        $this->planned = $batch->mixed->portions;
        [$a, $b] = [$this->planned->aG, $this->planned->bG ?? 0.0];
        $shown = match ($batch->batch->measure->by) {
            // lines and fills are drawn and counted for what is planned
            MeasuredBy::PenLines, MeasuredBy::Fills => [$a, $b],
            MeasuredBy::Cups, MeasuredBy::OneCup => $this->inWholeMl(),
            default => self::inWholeSteps($a, $b, $resolutionG),
        };
        [$this->aG, $this->bG] = $first === PartName::A ? [$shown[0], $shown[0] * $b / $a] : [$shown[1] * $a / $b, $shown[1]];
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
        if ($batch->mixed->portions->bG === null) {
            throw WeighingException::noDensity($batch->resin->name);
        }

        return new self($batch, $first ?? $batch->resin->parts->firstPart, $got, $resolutionG);
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
        return $this->isMeasured() ? max(0.0, ($this->gotAG + $this->gotBG - $this->aG - $this->bG) / $this->densityGMl()) : 0.0;
    }

    /** @return array{non-empty-list<WeighStep>, float, float} the steps, and what A and B came to */
    private function parts(): array
    {
        $second = $this->first->other();
        $planned = ['a' => $this->aG, 'b' => $this->bG];
        $sum = ['a' => 0.0, 'b' => 0.0];
        $steps = [$this->step($this->first->value, $this->first === PartName::A ? WeighKind::PartA : WeighKind::PartB, Message::of('weighing.part', part: strtoupper($this->first->value)), $planned[$this->first->value])];
        $sum[$this->first->value] = $steps[0]->gotG ?? 0.0;
        $missing = $planned[$this->first->value] - $sum[$this->first->value];
        // what is missing of the first is asked for before the other follows it; once, for a bottle may be empty
        if ($steps[0]->gotG !== null && ! isset($this->got[$second->value]) && $this->isMissed($missing, 100 * $missing / $planned[$this->first->value])) {
            $steps[] = $this->more($this->first, 0, $missing, true);
        } elseif (isset($this->got[self::moreId($this->first, 0)])) {
            $steps[] = $this->more($this->first, 0, max($this->resolutionG, $missing), true);
        }
        $sum[$this->first->value] += count($steps) > 1 ? $steps[1]->gotG ?? 0.0 : 0.0;
        $follows = $planned[$second->value] * ($steps[0]->gotG === null ? 1.0 : $sum[$this->first->value] / $planned[$this->first->value]);
        $steps[] = $this->step($second->value, $second === PartName::A ? WeighKind::PartA : WeighKind::PartB, Message::of('weighing.part', part: strtoupper($second->value)), $this->rounded($second, $follows));
        $sum[$second->value] = end($steps)->gotG ?? 0.0;
        for ($number = 1; $number <= self::MOST_TOP_UPS && end($steps)->gotG !== null; $number++) {
            $mending = Mending::of($planned['a'], $planned['b'], $sum['a'], $sum['b'], least: 0.0);
            $more = $mending->addA > $mending->addB ? 'a' : 'b';
            $missing = max($mending->addA, $mending->addB);
            if (! $this->isMissed($missing, Mending::offPct($planned['a'], $planned['b'], $sum['a'], $sum['b']) ?? INF)) {
                break;
            }
            $isShort = in_array(end($steps)->kind, $more === 'a' ? [WeighKind::PartA, WeighKind::MoreA] : [WeighKind::PartB, WeighKind::MoreB], true);
            $steps[] = $this->more(PartName::from($more), $number, $missing, $isShort);
            $sum[$more] += end($steps)->gotG ?? 0.0;
        }

        return [$steps, $sum['a'], $sum['b']];
    }

    /** Whether so much is asked for: more than half a step, and off by more than half of what the resin takes. */
    private function isMissed(float $missingG, float $offPct): bool
    {
        return $missingG > $this->resolutionG / 2 && abs($offPct) > self::LET_BE_OF_TOLERANCE * $this->batch->resin->limits->ratioTolerancePct->value;
    }

    private function more(PartName $part, int $number, float $missingG, bool $isShort): WeighStep
    {
        return $this->step(self::moreId($part, $number), $part === PartName::A ? WeighKind::MoreA : WeighKind::MoreB, Message::of('weighing.more', part: strtoupper($part->value)), $this->rounded($part, $missingG), isShort: $isShort);
    }

    private static function moreId(PartName $part, int $number): string
    {
        return "more_{$part->value}_$number";
    }

    /** To whole steps of what it is measured with, one at least; as it is where lines are drawn or fills counted. */
    private function rounded(PartName $part, float $grams): float
    {
        $step = match ($this->batch->batch->measure->by) {
            MeasuredBy::PenLines, MeasuredBy::Fills => null,
            MeasuredBy::Cups, MeasuredBy::OneCup => $this->stepMl() * $this->gMl($part),
            default => $this->resolutionG,
        };

        return $step === null ? $grams : $step * max(1.0, round($grams / $step));
    }

    /** @return array{float, float} g */
    private static function inWholeSteps(float $aG, float $bG, float $stepG): array
    {
        $parts = RoundedParts::of($aG, $bG, $stepG);

        return [$parts->a, $parts->b];
    }

    /** @return array{float, float} g of what is shown in ml */
    private function inWholeMl(): array
    {
        $parts = RoundedParts::of($this->planned->aMl, $this->planned->bMl, $this->stepMl());

        return [$parts->a * $this->gMl(PartName::A), $parts->b * $this->gMl(PartName::B)];
    }

    private function stepMl(): float
    {
        return RoundedParts::stepMl(min($this->planned->aMl, $this->planned->bMl));
    }

    private function gMl(PartName $part): float
    {
        return $part === PartName::A ? $this->planned->aG / $this->planned->aMl : ($this->planned->bG ?? 0.0) / $this->planned->bMl;
    }

    /** Of what is mixed. */
    private function densityGMl(): float
    {
        return ($this->planned->totalG() ?? 0.0) / $this->planned->totalMl();
    }

    /** @return list<WeighStep> */
    private function colourSteps(float $totalG, bool $measured): array
    {
        $grown = $measured ? $totalG / ($this->aG + $this->bG) : 1.0;
        $steps = [];
        foreach ($this->batch->coloured->shares as $at => $share) {
            $resin = $this->step("resin_$at", WeighKind::Resin, Message::of('weighing.resin', cup: $share->cup->name), $share->resinMl * $this->densityGMl() * $grown);
            $steps[] = $resin;
            $follows = ($resin->gotG ?? $resin->targetG) / ($share->resinMl * $this->densityGMl());
            foreach ($share->doses as $number => $dose) {
                $steps[] = $this->step("dose_{$at}_$number", WeighKind::Dose, Message::of('weighing.colourant', name: $dose->colourant->name), $dose->grams() * $follows, $dose->colourant->densityGMl->value, $dose->unit->isCounted() ? $dose->times($follows) : null);
            }
        }

        return $steps;
    }

    private function step(string $id, WeighKind $kind, Message $what, float $targetG, ?float $densityGMl = null, ?Dose $counted = null, bool $isShort = false): WeighStep
    {
        $density = $densityGMl ?? match ($kind) {
            WeighKind::PartA, WeighKind::MoreA => $this->gMl(PartName::A),
            WeighKind::PartB, WeighKind::MoreB => $this->gMl(PartName::B),
            default => $this->densityGMl(),
        };

        return new WeighStep($id, $kind, $what, $targetG, $density, $this->got[$id] ?? null, $counted, $isShort);
    }
}
