<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Trace;

use OpenGlaze\Core\Coating\CoatCase;

/** Inputs of what a coat covers that several traces share. */
final readonly class FaceInputs
{
    public function __construct(private CoatCase $case)
    {
    }

    public function covered(): TraceInput
    {
        [$label, $figure] = match (true) {
            $this->case->face->areaMm2 === null => ['no face is known', null],
            $this->coversAll() => ['area of one piece', 'area_cm2'],
            default => ['area that it covers of one piece', 'covered_cm2'],
        };

        return TraceInput::computed('covered_cm2', $label, $this->case->volume->coveredMm2 / 100, 'cm²', $figure);
    }

    public function coversAll(): bool
    {
        return $this->case->coat->zone === null && $this->case->coat->coveragePct->value === 100.0;
    }

    public function quantity(): TraceInput
    {
        return TraceInput::given('quantity', 'pieces', $this->case->piece->quantity, '', $this->case->piece->quantityFrom);
    }
}
