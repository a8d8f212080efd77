<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Message\Listed;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Plan\Inclusion;

/** What embedded things do: they float, drink, hold air, stand proud. */
final class InclusionRule implements CoatRule
{
    public function judge(CoatResult $result): array
    {
        $inclusions = $result->case->coat->asked->coverage->inclusions;
        $named = static fn (callable $does): array => array_map(static fn (Inclusion $one): string => $one->name, array_values(array_filter($inclusions, $does)));
        $notes = [
            'advice.inclusion_floats' => $named(static fn (Inclusion $one): bool => $one->traits->floats),
            'advice.inclusion_drinks' => $named(static fn (Inclusion $one): bool => $one->traits->drinks),
            'advice.inclusion_traps_air' => $named(static fn (Inclusion $one): bool => $one->traits->trapsAir),
            'advice.inclusion_proud' => array_map(static fn (Inclusion $one): string => $one->name, array_values(array_filter($result->case->proud(), static fn (Inclusion $one): bool => ! $one->place->onTop))),
            'advice.inclusion_on_top' => $named(static fn (Inclusion $one): bool => $one->place->onTop),
        ];
        $advice = [];
        foreach ($notes as $key => $names) {
            if ($names !== []) {
                $advice[] = Advice::note(Topic::Surface, Message::of($key, names: Listed::commas($names)));
            }
        }

        return $advice;
    }
}
