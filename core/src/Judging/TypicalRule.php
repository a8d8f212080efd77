<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Message\Listed;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Quantity\Sourced;

/** Times and depth that are typical of such a resin, because its label does not say them. */
final class TypicalRule implements CoatRule
{
    public function judge(CoatResult $result): array
    {
        return [...self::times($result), ...self::depth($result)];
    }

    /** @return list<Advice> */
    private static function times(CoatResult $result): array
    {
        $typical = $result->case->resin->stages->typical();
        if ($typical === []) {
            return [];
        }

        return [Advice::note(Topic::Sheet, Message::of('advice.typical_times', what: Listed::commas(array_map(
            static fn (string $field, Sourced $hours): Message => Message::of('labels.after', what: Message::of('labels.'.substr($field, 0, -2)), hours: Measure::hours($hours->value)),
            array_keys($typical),
            $typical,
        ))))];
    }

    /** @return list<Advice> */
    private static function depth(CoatResult $result): array
    {
        $typical = $result->case->resin->typicalDepthMm();
        if ($typical === null) {
            return [];
        }
        $film = $result->case->deepestMm();

        return [$film !== null && $film > $typical + 1e-9
            ? Advice::caution(Topic::Thickness, Message::of('advice.typical_depth.deeper', depth: Measure::thickness($typical), film: Measure::thickness($film)))
            : Advice::note(Topic::Sheet, Message::of('advice.typical_depth.within', depth: Measure::thickness($typical)))];
    }
}
