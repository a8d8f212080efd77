<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Batch\ColourShare;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;

/** How much colour the resin takes, in all and of what holds water, and how much the colourant's own label allows. */
final class ColourLimitRule implements ColourRule
{
    public function judge(ColourShare $share, BatchResult $result): array
    {
        $limits = $result->resin->limits;
        foreach (['colour' => [$share->colourantPct(), $limits->colourantLimitPct], 'watery' => [$share->wateryPct(), $limits->wateryLimitPct]] as $what => [$holds, $limit]) {
            if ($holds > $limit->value * (1 + 1e-9)) {
                return [self::over($share, $what, $holds, $limit->value, $result->resin->name, $limit->isAssumed() ? Message::of('advice.colour_over_limit.assumed') : null)];
            }
        }
        $own = $share->overOwnLimit();

        return $own === null ? [] : [self::over($share, 'own', 100 * $own->ml() / $share->resinMl, $own->colourant->stuff->limitPct ?? 0.0, $own->colourant->name)];
    }

    private static function over(ColourShare $share, string $what, float $holdsPct, float $takesPct, string $name, ?Message $assumed = null): Advice
    {
        return Advice::stop(Topic::Sheet, Message::of(
            'advice.colour_over_limit.'.$what,
            cup: $share->cup->name,
            holds: Measure::smallPercent($holdsPct),
            takes: Measure::smallPercent($takesPct),
            name: $name,
            assumed: $assumed,
        ));
    }
}
