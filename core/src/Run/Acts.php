<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Run;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Film\HeatTool;

/** The acts of one pour in the order of their times. */
final class Acts
{
    /** @return non-empty-list<Act> */
    public static function of(CoatResult $result): array
    {
        $torch = $result->film->torch;
        $closes = $torch->closesMin;
        $handle = $result->windows->handleH === null ? null : 60 * $result->windows->handleH;
        $acts = [];
        if ($torch->tool !== HeatTool::None) {
            $acts = self::numbered('pass', ActKind::Pass, $torch->passesMin, 'Heat pass', self::howToHeat($torch->tool), $closes);
        }
        $acts = [...$acts, ...self::numbered('wipe', ActKind::Wipe, $result->edge->wipesMin ?? [], 'Wipe the drips',
            'Along the lower edge with a gloved finger or a stick, until no bead hangs.', $result->film->flowsUntilMin)];
        foreach ($torch->looksMin as $at => $min) {
            $acts[] = new Act('look-'.($at + 1), ActKind::Look, $min, 'Look '.($at + 1).' of '.(count($torch->looksMin) + 1),
                'Something gives off air from below: pick what has risen, and look again.', $closes);
        }
        if ($torch->lookMin !== null) {
            $acts[] = new Act('look', ActKind::Look, $torch->lookMin, 'Last look',
                'At eye level against a light: a missed pinprick, a hair, a bubble. Pick it with a pin.', $closes);
        }
        $acts[] = new Act('cover', ActKind::Cover, max($torch->lookMin ?? 0.0, $result->edge?->lastWipeMin() ?? 0.0), 'Cover it',
            'Against dust, touching nothing. It stays level and warm until it can be handled.', $handle);
        usort($acts, static fn (Act $a, Act $b): int => $a->dueMin <=> $b->dueMin);

        return $acts;
    }

    /**
     * @param  list<float>  $times
     * @return list<Act>
     */
    private static function numbered(string $id, ActKind $kind, array $times, string $title, string $how, float $untilMin): array
    {
        $acts = [];
        foreach ($times as $index => $min) {
            $number = count($times) > 1 ? sprintf(' %d of %d', $index + 1, count($times)) : '';
            $acts[] = new Act($id.'-'.($index + 1), $kind, $min, $title.$number, $how, $untilMin);
        }

        return $acts;
    }

    private static function howToHeat(HeatTool $tool): string
    {
        return match ($tool) {
            HeatTool::Flame => 'Sticky gloves off first. Quick passes, a few centimetres off, always moving, never still.',
            HeatTool::HeatGun => 'Held well off and moving: it pushes the film and blows dust.',
            HeatTool::Breath => 'Breath out through a straw, or a pin with a mask on. No flame on a piece this small.',
            HeatTool::None => 'Leave the bubbles to rise.',
        };
    }
}
