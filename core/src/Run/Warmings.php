<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Run;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Film\HeatTool;
use OpenGlaze\Core\Heat\Warming;
use OpenGlaze\Core\Heat\WarmingException;

/** Heat as a tool over one film: what a usual while of it gains and spends, by each tool that its rules allow. */
final class Warmings
{
    /** @return list<array{HeatTool, float, Warming}> tool, seconds, what it does */
    public static function of(CoatResult $result): array
    {
        $case = $result->case;
        $film = $case->heat->layer();
        if ($film === null) {
            return [];
        }
        $allowed = match ($result->film->torch->tool) {
            HeatTool::Flame => [HeatTool::HeatGun, HeatTool::Flame],
            HeatTool::HeatGun => [HeatTool::HeatGun],
            HeatTool::Breath, HeatTool::None => [],
        };
        $warmings = [];
        foreach ($allowed as $tool) {
            $seconds = HeatPass::secondsPer1000Cm2($tool, $case->volume->coveredMm2 / 100);
            try {
                $warmings[] = [$tool, $seconds, Warming::by($tool, $seconds, $film, $case->resin->kinetics($case->studio), $case->resin->setting->heatCapacityJKgK->value)];
            } catch (WarmingException) {
                // too hot for this film: not offered
                continue;
            }
        }

        return $warmings;
    }
}
