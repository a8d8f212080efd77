<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Trace;

use OpenGlaze\Core\Coating\CoatCase;
use OpenGlaze\Core\Message\Message;

/** Inputs of what a coat covers that several traces share. */
final readonly class FaceInputs
{
    public function __construct(private CoatCase $case)
    {
    }

    public function covered(): TraceInput
    {
        [$label, $figure] = match (true) {
            $this->case->face->areaMm2 === null => [Message::of('traces.no_face'), null],
            $this->coversAll() => [Message::of('traces.area_of_one_piece'), 'area_cm2'],
            default => [Message::of('traces.area_it_covers'), 'covered_cm2'],
        };

        return TraceInput::computed('covered_cm2', $label, $this->case->volume->coveredMm2 / 100, 'cm²', $figure);
    }

    public function coversAll(): bool
    {
        return $this->case->coat->asked->coverage->zone === null && $this->case->coat->asked->coverage->coveragePct->value === 100.0;
    }

    public function quantity(): TraceInput
    {
        return TraceInput::given('quantity', Message::of('traces.pieces'), $this->case->piece->quantity, '', $this->case->piece->quantityFrom);
    }
}
