<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Film\Levelling;
use OpenGlaze\Core\Quantity\Wording;

/** Says why a time is missing that the film never reaches. */
final class FlowRule implements Rule
{
    public function judge(CoatResult $result, Wording $say): array
    {
        $film = $result->film;
        if ($film->levelsUpToMm === null) {
            return [Advice::note('value_unknown', Topic::Thickness, 'How deep it stands is not known, so neither is how it levels and how its bubbles rise: measure the depth, or watch it.')];
        }
        $never = [];
        if ($film->settleMin === null) {
            $never[] = sprintf('ripples wider than %s never level out (asked for: %s)', $say->length($film->levelsUpToMm), $say->length(Levelling::SETTLING_RIPPLE_MM));
        }
        $stuck = array_keys(array_filter(
            [$say->thickness(0.1) => $film->rise100Min, $say->thickness(0.05) => $film->rise50Min, $say->thickness(0.03) => $film->rise30Min],
            static fn (?float $min): bool => $min === null,
        ));
        if ($stuck !== []) {
            $never[] = sprintf('bubbles of %s radius stay in unless heat or a pin brings them out', implode(' and ', $stuck));
        }
        if ($never === []) {
            return [];
        }

        return [Advice::note('value_unknown', Topic::Thickness, 'The film sets first: '.implode('; ', $never).'.')];
    }
}
