<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Batch\ColourShare;
use OpenGlaze\Core\Colour\Flammable;
use OpenGlaze\Core\Message\Message;

/** A colour that burns: no flame over what it is in. */
final class FlameRule implements ColourRule
{
    public function judge(ColourShare $share, BatchResult $result): array
    {
        foreach ($share->doses as $dose) {
            $flammable = $dose->colourant->stuff->flammable;
            if ($flammable->forbidsFlame()) {
                return [Advice::caution(Topic::Heat, Message::of(
                    $flammable === Flammable::Yes ? 'advice.no_flame.cup_burns' : 'advice.no_flame.cup_may_burn',
                    cup: $share->cup->name,
                    what: $dose->colourant->name,
                ))];
            }
        }

        return [];
    }
}
