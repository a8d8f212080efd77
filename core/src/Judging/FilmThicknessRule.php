<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Remedy;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;

/** How thin a film may be: it must level, close over dry spots, and be laid at all. */
final class FilmThicknessRule implements CoatRule
{
    /** Thinner than this no brush lays a film, mm. */
    public const UNDER_BRUSH_MM = 0.05;

    public function judge(CoatResult $result): array
    {
        $film = $result->case->filmMm();
        if ($film === null) {
            return [];
        }
        $advice = [];
        if ($film < self::UNDER_BRUSH_MM) {
            $advice[] = Advice::caution(Topic::Thickness, Message::of('advice.film_under_brush', least: Measure::thickness(self::UNDER_BRUSH_MM)), Remedy::film(self::UNDER_BRUSH_MM));
        }
        if ($result->film->level->thinnestMm !== null && $film < $result->film->level->thinnestMm && $result->case->coat->mustLevel()) {
            $advice[] = Advice::caution(Topic::Thickness, Message::of(
                'advice.film_too_thin_to_level',
                least: Measure::thickness(ceil($result->film->level->thinnestMm * 100) / 100),
                mark: Measure::length($result->case->coat->ground->markMm->value),
            ), Remedy::film(ceil($result->film->level->thinnestMm * 100) / 100));
        }
        if ($film < $result->film->wettingHeightMm) {
            $advice[] = Advice::note(Topic::Thickness, Message::of('advice.wet_every_spot', height: Measure::thickness($result->film->wettingHeightMm)));
        }

        return $advice;
    }
}
