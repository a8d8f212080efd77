<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Batch\ColourShare;
use OpenGlaze\Core\Message\Message;

/** A colour that settles is stirred again before it is poured. */
final class StirAgainRule implements ColourRule
{
    public function judge(ColourShare $share, BatchResult $result): array
    {
        return $share->isStirredAgain() ? [Advice::note(Topic::Sheet, Message::of('advice.stir_again', cup: $share->cup->name))] : [];
    }
}
