<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Trace;

use OpenGlaze\Core\Coating\CoatResult;

/** The traces of all figures of one coat. */
final class Traces
{
    /** @return array<string, Trace> by figure */
    public static function of(CoatResult $result): array
    {
        $traces = [];
        foreach ([
            ...(new PieceTraces($result))->all(),
            ...(new VolumeTraces($result))->all(),
            ...(new MixTraces($result))->all(),
            ...(new FilmTraces($result))->all(),
            ...(new TorchTraces($result))->all(),
            ...(new DripTraces($result))->all(),
            ...(new WindowTraces($result))->all(),
        ] as $trace) {
            $traces[$trace->figure] = $trace;
        }

        return $traces;
    }
}
