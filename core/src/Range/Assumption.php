<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Range;

use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Document\PlanDocument;

/** One value of a plan that nobody measured: where it stands, what is taken, and how far it may be off. */
final readonly class Assumption
{
    /** Standard deviations on either side that hold 95 %. */
    private const DEVIATIONS_95 = 1.959964;

    /**
     * @param  string  $list  of the plan file that holds it, or "studio"
     * @param  int  $at  place in that list
     * @param  string  $field  of the plan file: what a range names as its cause
     * @param  float  $value  what is taken; of a course of temperatures each of its own is moved
     * @param  bool  $isRatio  the spread is a share of the value (log-normal), else it is added (normal)
     * @param  float  $spread  95 % lie within it: a share of 1, or in the value's own unit
     * @param  float  $least  the reader's own range
     */
    public function __construct(
        private string $list,
        private int $at,
        public string $field,
        private float $value,
        private bool $isRatio,
        private float $spread,
        private float $least,
        private float $most,
    ) {
    }

    /** The document with what it would be so many standard deviations from what is taken. */
    public function put(PlanDocument $document, float $deviations): PlanDocument
    {
        $path = ($this->list === 'studio' ? 'studio' : "$this->list.$this->at").'.'.$this->field;
        $off = $deviations / self::DEVIATIONS_95;
        $written = $document->value($path);
        if (! is_array($written)) {
            return $document->with($path, $this->drawn($this->value, $off));
        }

        return $document->with($path, array_map(fn (Entry $point): Entry => $point->with('c', $this->drawn($point->number('c') ?? $this->value, $off)), $document->entries($path)));
    }

    /** So many half widths of its spread away from a value. */
    private function drawn(float $value, float $off): float
    {
        return min($this->most, max($this->least, $this->isRatio ? $value * exp(log(1 + $this->spread) * $off) : $value + $this->spread * $off));
    }
}
