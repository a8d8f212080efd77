<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Surface\Surface;

/** What is sanded under the first coat may be older than the bans on lead. */
final class OldPaintRule implements CoatRule
{
    public function judge(CoatResult $result): array
    {
        $case = $result->case;

        return $case->isFirstCoat() && $case->face->surface === Surface::OldPaint
            ? [Advice::caution(Topic::Surface, Message::of('advice.old_paint'))]
            : [];
    }
}
