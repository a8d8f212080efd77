<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Run;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Message\Message;

/** Drops off the lower edge, as long as the face feeds it. */
final class DripWipes implements ActRule
{
    public function acts(CoatResult $result): array
    {
        return Act::numbered('wipe', ActKind::Wipe, $result->edge->wipesMin ?? [], Message::of('acts.wipe.how'), $result->film->flowing->flowsUntilMin);
    }
}
