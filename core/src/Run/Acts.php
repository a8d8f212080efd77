<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Run;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Film\HeatTool;
use OpenGlaze\Core\Message\Message;

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
            $acts = self::numbered('pass', ActKind::Pass, $torch->passesMin, Message::named('acts.heat', $torch->tool), $closes);
        }
        $acts = [...$acts, ...self::numbered('wipe', ActKind::Wipe, $result->edge->wipesMin ?? [], Message::of('acts.wipe.how'), $result->film->flowing->flowsUntilMin)];
        foreach ($torch->looksMin as $at => $min) {
            $acts[] = new Act('look-'.($at + 1), ActKind::Look, $min, Message::of('acts.look.numbered', number: $at + 1, of: count($torch->looksMin) + 1),
                Message::of('acts.look.again'), $closes);
        }
        if ($torch->lookMin !== null) {
            $acts[] = new Act('look', ActKind::Look, $torch->lookMin, Message::of('acts.look.last'),
                Message::of('acts.look.how'), $closes);
        }
        $acts[] = new Act('cover', ActKind::Cover, max($torch->lookMin ?? 0.0, $result->edge?->lastWipeMin() ?? 0.0), Message::of('acts.cover.title'),
            Message::of('acts.cover.how'), $handle);
        usort($acts, static fn (Act $a, Act $b): int => $a->dueMin <=> $b->dueMin);

        return $acts;
    }

    /**
     * @param  list<float>  $times
     * @return list<Act>
     */
    private static function numbered(string $id, ActKind $kind, array $times, Message $how, float $untilMin): array
    {
        $acts = [];
        foreach ($times as $index => $min) {
            $title = count($times) > 1
                ? Message::of("acts.$id.numbered", number: $index + 1, of: count($times))
                : Message::of("acts.$id.title");
            $acts[] = new Act($id.'-'.($index + 1), $kind, $min, $title, $how, $untilMin);
        }

        return $acts;
    }
}
