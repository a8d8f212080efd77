<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Remedy;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Quantity\Wording;

/** A pour deeper than the label allows heats up, cracks and yellows. */
final class PourDepthRule implements Rule
{
    public function judge(CoatResult $result, Wording $say): array
    {
        if ($result->case->isLump()) {
            return [Advice::caution('depth_unknown', Topic::Thickness, 'Measure how deep it is at its deepest, and write it down with its water: without that no label\'s depth can be checked, and its heat is judged as that of one lump.')];
        }
        $most = $result->case->resin->maxPourMm;
        $film = $result->case->deepestMm();
        if ($most === null || $film === null || $film <= $most->value + 1e-9) {
            return [];
        }

        $count = (int) ceil($film / $most->value - 1e-9);

        return [Advice::stop('over_max_pour', Topic::Thickness, sprintf(
            'Pour at most %s at a time: the label of %s allows no more, and a deeper film overheats. %s needs %d pours, each after the last has gelled.',
            $say->thickness($most->value),
            $result->case->resin->name,
            $say->thickness($film),
            $count,
        ), ...($film === $result->case->filmMm() ? [$result->case->coat->isDammed() ? Remedy::lifts($count) : Remedy::coats($count), Remedy::film(floor($most->value * 1000) / 1000)] : []))];
    }
}
