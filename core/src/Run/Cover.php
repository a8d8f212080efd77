<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Run;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Message\Message;

/** Its cover on when nothing more is done to it, until it can be handled. */
final class Cover implements ActRule
{
    public function acts(CoatResult $result): array
    {
        $handle = $result->windows->handleH === null ? null : 60 * $result->windows->handleH;
        $from = max($result->film->torch->lookMin ?? 0.0, $result->edge?->lastWipeMin() ?? 0.0, ...array_map(static fn (Act $act): float => $act->dueMin, (new Embedded)->acts($result)));

        return [new Act('cover', ActKind::Cover, $from, Message::of('acts.cover.title'), Message::of('acts.cover.how'), LookOver::coverMin($result->case->piece->quantity), $handle)];
    }
}
