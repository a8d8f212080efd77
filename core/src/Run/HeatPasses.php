<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Run;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Film\HeatTool;

/** Heat over the film while its bubbles rise, as long as it heals. */
final class HeatPasses implements ActRule
{
    public function acts(CoatResult $result): array
    {
        $torch = $result->film->torch;

        if ($torch->tool === HeatTool::None) {
            return [];
        }
        $seconds = HeatPass::seconds($torch->tool, $result->case->volume->coveredMm2 / 100, $result->case->piece->quantity);

        return Act::numbered('pass', ActKind::Pass, $torch->passesMin, HowTo::heat($result->case), $seconds / 60, $torch->closesMin);
    }
}
