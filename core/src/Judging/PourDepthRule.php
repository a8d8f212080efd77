<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Remedy;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;

/** A pour deeper than the label allows heats up, cracks and yellows. */
final class PourDepthRule implements CoatRule
{
    public function judge(CoatResult $result): array
    {
        if ($result->case->isLump()) {
            return [Advice::caution(Topic::Thickness, Message::of('advice.depth_unknown'))];
        }
        $most = $result->case->resin->limits->maxPourMm;
        $film = $result->case->deepestMm();
        if ($most === null || $film === null || $film <= $most->value + 1e-9) {
            return [];
        }

        $count = (int) ceil($film / $most->value - 1e-9);

        return [Advice::stop(Topic::Thickness, Message::of(
            'advice.over_max_pour',
            most: Measure::thickness($most->value),
            resin: $result->case->resin->name,
            film: Measure::thickness($film),
            count: $count,
        ), ...($film === $result->case->filmMm() ? [$result->case->coat->isDammed() ? Remedy::lifts($count) : Remedy::coats($count), Remedy::film(floor($most->value * 1000) / 1000)] : []))];
    }
}
