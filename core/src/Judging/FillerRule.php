<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Batch\ColourShare;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;

/** How much powder a colour cup holds: past its label, or so much that it hardly flows. */
final class FillerRule implements ColourRule
{
    /** Loose grains pack no closer than this part of the mix. */
    private const LOOSEST = 0.45;

    /** So much thicker than clear resin it hardly flows, and holds air. */
    private const FLOWS_UP_TO = 6.0;

    public function judge(ColourShare $share, BatchResult $result): array
    {
        $pct = $share->fillerPct();
        $limit = $result->resin->limits->fillerLimitPct?->value;
        if ($limit !== null && $pct > $limit * (1 + 1e-9)) {
            return [Advice::caution(Topic::Sheet, Message::of('advice.filler_over_limit.label', cup: $share->cup->name, holds: Measure::smallPercent($pct), takes: Measure::smallPercent($limit)))];
        }
        $thicker = self::thickerWith($pct);

        return $thicker <= self::FLOWS_UP_TO ? [] : [Advice::caution(Topic::Sheet, Message::of(
            is_finite($thicker) ? 'advice.filler_over_limit.thick' : 'advice.filler_over_limit.stiff',
            cup: $share->cup->name,
            holds: Measure::smallPercent($pct),
            times: Measure::number(is_finite($thicker) ? $thicker : 0.0),
        ))];
    }

    /**
     * How many times as thick resin gets with so much filler, per cent by volume of resin.
     *
     * Source: Krieger and Dougherty (1959), intrinsic viscosity 2.5; an estimate for flakes.
     */
    private static function thickerWith(float $pct): float
    {
        $share = $pct / (100 + $pct);

        return $share >= self::LOOSEST ? INF : (1 - $share / self::LOOSEST) ** (-2.5 * self::LOOSEST);
    }
}
