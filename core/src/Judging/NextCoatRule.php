<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Plan\OverHard;
use OpenGlaze\Core\Quantity\Wording;

/** How a coat bonds to the one below it, and what a school that leaves the sanding out risks. */
final class NextCoatRule implements Rule
{
    public function judge(CoatResult $result, Wording $say): array
    {
        $case = $result->case;
        if ($case->isFirstCoat() || $case->coat->overHard !== OverHard::Wipe) {
            return [];
        }

        return [Advice::caution('wiped_only', Topic::Surface, 'Over a hard film, wiped and not sanded, there is no key: the coat can peel at an edge or a knock. It is written down, and asked about when you look back.')];
    }
}
