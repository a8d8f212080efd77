<?php

declare(strict_types=1);

namespace App\Mixing;

use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Journal\ReadBy;
use OpenGlaze\Core\Measuring\Markable;
use OpenGlaze\Core\Quantity\LengthParser;
use OpenGlaze\Core\Quantity\MassParser;
use OpenGlaze\Core\Quantity\QuantityException;
use OpenGlaze\Core\Quantity\UnitSystem;
use OpenGlaze\Core\Quantity\VolumeParser;
use OpenGlaze\Core\Weighing\Mark;
use OpenGlaze\Core\Weighing\WeighStep;

/** What one step of the weighing came to: off the scale, as it was meant, or as somebody wrote it down. */
final readonly class StepAmount
{
    public function __construct(
        private WeighStep $step,
        private ?Mark $mark,
        private BatchResult $batch,
        private UnitSystem $units,
    ) {
    }

    /**
     * @param  Entry  $facts  grams, written ("38.2", "2 tbsp", a number of fills where it is measured so), or as_meant; up_to where all in the cup stands at what is written
     * @return array{float|null, ReadBy} g; null when it is none
     */
    public function read(Entry $facts): array
    {
        $written = $facts->text('written');
        if ($facts->isTrue('as_meant')) {
            return [$this->step->targetG, ReadBy::AsMeant];
        }
        if ($written === null) {
            return [$facts->number('grams'), ReadBy::Scale];
        }
        if ($this->mark?->fillMl !== null && is_numeric($fills = str_replace(',', '.', trim($written)))) {
            return [(float) $fills * $this->mark->fillMl * $this->step->densityGMl, ReadBy::Marks];
        }
        try {
            return [MassParser::g($written), ReadBy::Hand];
        } catch (QuantityException) {
            $ml = $this->volumeMl($written);
        }
        $before = $facts->isTrue('up_to') ? $this->mark->beforeMl ?? 0.0 : 0.0;

        return [$ml === null ? null : ($ml - $before) * $this->step->densityGMl, ReadBy::Marks];
    }

    /** Of liquid, or by the height of a line on its cup. */
    private function volumeMl(string $written): ?float
    {
        try {
            return VolumeParser::ml($written, $this->units);
        } catch (QuantityException) {
            // no volume: a height then
        }
        $cup = $this->batch->batch->in->cup;
        if ($this->mark?->upToMm === null || ! $cup instanceof Markable) {
            return null;
        }
        try {
            return $cup->volumeMl(LengthParser::mm($written, $this->units->lengthUnit())) * $this->batch->batch->in->cups;
        } catch (QuantityException) {
            return null;
        }
    }
}
