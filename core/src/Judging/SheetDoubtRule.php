<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Plan\SheetCheck;

/** A sheet that contradicts itself: what is computed by it cannot be right. */
final class SheetDoubtRule implements CoatRule
{
    public function judge(CoatResult $result): array
    {
        return array_map(
            static fn (Message $doubt): Advice => Advice::caution(Topic::Sheet, Message::of('advice.sheet_doubt', resin: $result->case->resin->name, doubt: $doubt)),
            SheetCheck::doubts($result->case->resin),
        );
    }
}
