<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Trace;

use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Coating\Lift;
use OpenGlaze\Core\Plan\Piece;
use OpenGlaze\Core\Plan\Studio;

/** The traces of all figures of one coat, or of a piece alone. */
final class Traces
{
    /** @return array<string, Trace> by figure */
    public static function of(CoatResult $result): array
    {
        return self::byFigure([
            ...(new PieceTraces($result->case->piece))->all(),
            ...(new VolumeTraces($result))->all(),
            ...MixTraces::ofCoat($result)->all(),
            ...array_merge(...array_map(
                static fn (Lift $lift, int $index): array => MixTraces::ofLift($result, $lift, 'lift_'.($index + 1).'_')->all(),
                $result->lifts,
                array_keys($result->lifts),
            )),
            ...(new HeldTraces($result))->all(),
            ...(new FilmTraces($result))->all(),
            ...(new TorchTraces($result))->all(),
            ...(new EdgeTraces($result))->all(),
            ...(new WindowTraces($result))->all(),
        ]);
    }

    /** @return array<string, Trace> by figure */
    public static function ofBatch(BatchResult $result, Studio $studio): array
    {
        return self::byFigure((new BatchTraces($result, $studio))->all());
    }

    /** @return array<string, Trace> by figure */
    public static function ofPiece(Piece $piece): array
    {
        return self::byFigure((new PieceTraces($piece))->all());
    }

    /**
     * @param  list<Trace>  $traces
     * @return array<string, Trace>
     */
    private static function byFigure(array $traces): array
    {
        return array_column($traces, null, 'figure');
    }
}
