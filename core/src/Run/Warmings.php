<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Run;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Film\HeatTool;
use OpenGlaze\Core\Film\Warming;
use OpenGlaze\Core\Film\WarmingException;

/** Heat as a tool over one film: what a usual while of it gains and spends, by each tool that its rules allow. */
final class Warmings
{
    /** Over each place: as long as hands usually stay. Source: the studio's practice; an estimate. */
    private const SECONDS = ['heat_gun' => 20.0, 'flame' => 6.0];

    /** @return list<array{HeatTool, float, Warming}> tool, seconds, what it does */
    public static function of(CoatResult $result): array
    {
        $case = $result->case;
        $film = $case->thicknessMm;
        if ($film === null || $film->value <= 0) {
            return [];
        }
        $allowed = match ($result->film->torch->tool) {
            HeatTool::Flame => [HeatTool::HeatGun, HeatTool::Flame],
            HeatTool::HeatGun => [HeatTool::HeatGun],
            HeatTool::Breath, HeatTool::None => [],
        };
        $warmings = [];
        foreach ($allowed as $tool) {
            $seconds = self::SECONDS[$tool->value];
            try {
                $warmings[] = [$tool, $seconds, Warming::by($tool, $seconds, $film->value, $case->liquid->densityKgM3, $case->resin->kinetics($case->studio), $case->airC())];
            } catch (WarmingException) {
                // too hot for this film: not offered
                continue;
            }
        }

        return $warmings;
    }
}
