<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Run;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Film\HeatTool;
use OpenGlaze\Core\Message\Message;

/** Heat over the film while its bubbles rise, as long as it heals. */
final class HeatPasses implements ActRule
{
    public function acts(CoatResult $result): array
    {
        $torch = $result->film->torch;

        return $torch->tool === HeatTool::None ? [] : Act::numbered('pass', ActKind::Pass, $torch->passesMin, Message::named('acts.heat', $torch->tool), $torch->closesMin);
    }
}
