<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Run;

use OpenGlaze\Core\Coating\CoatCase;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Message\Listed;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Plan\Inclusion;

/** What is embedded: a last nudge while the film still heals over it, and what sits on top once heat is done and the film holds it. */
final class Embedded implements ActRule
{
    /** In the film they can be nudged for about so long, min at the reference temperature. Source: the studio's practice; an estimate. */
    private const NUDGED_AGE_MIN = 30.0;

    private const LATEST_SHARE = 0.8;

    /** Source: the studio's practice; an estimate. */
    private const EACH_MIN = 0.25;

    public function acts(CoatResult $result): array
    {
        $closes = $result->film->torch->closesMin;
        $inclusions = $result->case->coat->asked->coverage->inclusions;
        $within = array_values(array_filter($inclusions, static fn (Inclusion $one): bool => ! $one->place->onTop && ! $one->traits->floats));
        $onTop = array_values(array_filter($inclusions, static fn (Inclusion $one): bool => $one->place->onTop));
        $clock = $result->case->clock;
        $nudge = min($clock->minutesToAge($clock->ageAtPourMin() + self::NUDGED_AGE_MIN), self::LATEST_SHARE * $closes);
        $place = max($result->film->torch->lastPassMin() ?? 0.0, min($clock->minutesToViscosity(CoatCase::STAYS_PA_S), self::LATEST_SHARE * $closes));

        return [
            ...($within === [] || $closes <= 0 ? [] : [self::act('nudge', ActKind::Nudge, $nudge, $closes, $within)]),
            ...($onTop === [] || $closes <= 0 ? [] : [self::act('place', ActKind::Place, $place, $closes, $onTop)]),
        ];
    }

    /** @param  non-empty-list<Inclusion>  $inclusions */
    private static function act(string $id, ActKind $kind, float $dueMin, float $untilMin, array $inclusions): Act
    {
        $names = Listed::commas(array_map(static fn (Inclusion $one): string => $one->name, $inclusions));
        $count = (int) array_sum(array_map(static fn (Inclusion $one): int => $one->count, $inclusions));

        return new Act($id, $kind, $dueMin, Message::of("acts.$id.title", names: $names), Message::of("acts.$id.how"), max(1, $count) * self::EACH_MIN, $untilMin);
    }
}
