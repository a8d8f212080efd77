<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Remedy;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Held\HeldFilm;
use OpenGlaze\Core\Quantity\Wording;

/** How much an edge holds before it gives way. */
final class HeldRule implements Rule
{
    public function judge(CoatResult $result, Wording $say): array
    {
        $held = $result->case->held;
        if ($held === null || $held->share <= HeldFilm::NEAR_SHARE) {
            return [];
        }
        if ($held->share > 1) {
            $most = floor($held->limitThicknessMm * 100) / 100;

            return [Advice::stop('dome_over_limit', Topic::Thickness, sprintf(
                'Lay at most %s: more runs over this edge, which holds no steeper film.',
                $say->thickness($most),
            ), ...($most > 0 ? [Remedy::film($most)] : []))];
        }

        return [Advice::caution('dome_near_limit', Topic::Thickness, sprintf(
            'Add no more, and move no air over it: the edge gives way at %s, and this film is at %s of that.',
            $say->thickness($held->limitThicknessMm),
            $say->percent($held->share * 100),
        ))];
    }
}
