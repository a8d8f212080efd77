<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Plan\Inclusion;
use OpenGlaze\Core\Quantity\Wording;

/** What embedded things do: they float, drink, hold air, stand proud. */
final class InclusionRule implements Rule
{
    public function judge(CoatResult $result, Wording $say): array
    {
        $inclusions = $result->case->coat->inclusions;
        $named = static fn (callable $does): array => array_map(static fn (Inclusion $one): string => $one->name, array_values(array_filter($inclusions, $does)));
        $notes = [
            'inclusion_floats' => [$named(static fn (Inclusion $one): bool => $one->floats), 'Glue %s down: it floats.'],
            'inclusion_drinks' => [$named(static fn (Inclusion $one): bool => $one->drinks), 'Seal %s first, set it while the sealer is tacky, and let that dry: it drinks resin and darkens.'],
            'inclusion_traps_air' => [$named(static fn (Inclusion $one): bool => $one->trapsAir), 'Wet %s from below and tilt it: it traps air, which comes up for an hour.'],
            'inclusion_proud' => [array_map(static fn (Inclusion $one): string => $one->name, array_values(array_filter($result->case->proud(), static fn (Inclusion $one): bool => ! $one->onTop))), '%s stands out of the film, which creeps up round it.'],
            'inclusion_on_top' => [$named(static fn (Inclusion $one): bool => $one->onTop), 'Place %s after the last heat, when the film is thick; it cannot be moved later.'],
        ];
        $advice = [];
        foreach ($notes as $code => [$names, $text]) {
            if ($names !== []) {
                $advice[] = Advice::note($code, Topic::Surface, ucfirst(sprintf($text, implode(', ', $names))));
            }
        }

        return $advice;
    }
}
