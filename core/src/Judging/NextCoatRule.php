<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Plan\OverHard;

/** How a coat bonds to the one below it, and what a school that leaves the sanding out risks. */
final class NextCoatRule implements CoatRule
{
    public function judge(CoatResult $result): array
    {
        $case = $result->case;
        if ($case->isFirstCoat() || $case->coat->ground->overHard !== OverHard::Wipe) {
            return [];
        }

        return [Advice::caution(Topic::Surface, Message::of('advice.wiped_only'))];
    }
}
