<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Batch\ColourShare;
use OpenGlaze\Core\Message\Message;

/** Oil that carries a colour: it rises into a film that no later coat holds on. */
final class OilRule implements BatchRule
{
    public function judge(BatchResult $result): array
    {
        $shares = $result->coloured->shares;
        $oily = array_filter($shares, static fn (ColourShare $share): bool => $share->hasOil());
        if ($oily === []) {
            return [];
        }
        $allOfIt = count($oily) === count($shares) && $result->clearMl() < 0.01 * $result->mixed->portions->totalMl();

        return [
            ...($allOfIt ? [Advice::caution(Topic::Sheet, Message::of('advice.oil_in_every_cup'))] : []),
            Advice::note(Topic::Surface, Message::of('advice.oil_film')),
        ];
    }
}
