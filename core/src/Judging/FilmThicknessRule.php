<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Remedy;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Quantity\Wording;

/** How thin a film may be: it must level, close over dry spots, and be laid at all. */
final class FilmThicknessRule implements Rule
{
    /** Thinner than this no brush lays a film, mm. */
    public const UNDER_BRUSH_MM = 0.05;

    public function judge(CoatResult $result, Wording $say): array
    {
        $film = $result->case->filmMm();
        if ($film === null) {
            return [];
        }
        $advice = [];
        if ($film < self::UNDER_BRUSH_MM) {
            $advice[] = Advice::caution('film_under_brush', Topic::Thickness, sprintf(
                'Plan at least %s: a brush cannot lay a thinner film evenly.',
                $say->thickness(self::UNDER_BRUSH_MM),
            ), Remedy::film(self::UNDER_BRUSH_MM));
        }
        if ($result->film->thinnestMm !== null && $film < $result->film->thinnestMm && $result->case->coat->mustLevel()) {
            $advice[] = Advice::caution('film_too_thin_to_level', Topic::Thickness, sprintf(
                'Pour at least %s: a thinner film sets before marks %s wide have levelled.',
                $say->thickness(ceil($result->film->thinnestMm * 100) / 100),
                $say->length($result->case->coat->markMm->value),
            ), Remedy::film(ceil($result->film->thinnestMm * 100) / 100));
        }
        if ($film < $result->film->wettingHeightMm) {
            $advice[] = Advice::note('wet_every_spot', Topic::Thickness, sprintf(
                'Touch every spot wet, the sides too: a film under %s does not close over a dry one by itself.',
                $say->thickness($result->film->wettingHeightMm),
            ));
        }

        return $advice;
    }
}
