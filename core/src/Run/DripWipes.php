<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Run;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Message\Message;

/** Drops off the lower edge, as long as the face feeds it. */
final class DripWipes implements ActRule
{
    /** A finger along the lower edge. Source: the studio's practice; an estimate. */
    private const S_PER_M = 15.0;

    private const SHORTEST_S = 20.0;

    public function acts(CoatResult $result): array
    {
        $seconds = max(self::SHORTEST_S, self::S_PER_M * $result->case->coatedEdgeM());

        $acts = Act::numbered('wipe', ActKind::Wipe, $result->edge->wipesMin ?? [], Message::of('acts.wipe.how'), $seconds / 60, $result->film->flowing->flowsUntilMin);

        return array_map(static fn (Act $act, float $leftMl): Act => $act->leaving($leftMl), $acts, $result->edge->leftMl ?? []);
    }
}
