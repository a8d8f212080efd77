<?php

declare(strict_types=1);

namespace App\Pouring;

use App\Journal\Moment;
use App\Models\Pour;
use App\Typed\FieldException;
use Carbon\CarbonImmutable;
use OpenGlaze\Core\Answer\ShownMix;
use OpenGlaze\Core\Journal\Mishap;
use OpenGlaze\Core\Message\Speaker;
use OpenGlaze\Core\Run\Pooling;
use OpenGlaze\Core\Run\ShortOfResin;
use OpenGlaze\Core\Run\WhatToDo;

/** What nobody planned, as pages at the bench say it: what to do now, and what is missing. */
final readonly class Unexpected
{
    public function __construct(private FilmSchedule $schedule)
    {
    }

    /** @return list<array{what: string, of: string, lacks: bool, title: string, now: list<string>}> each with what to do at once */
    public static function all(Speaker $say): array
    {
        return array_map(static fn (Mishap $mishap): array => [
            'what' => $mishap->value,
            'of' => $mishap->of()->value,
            'lacks' => $mishap->lacksResin(),
            'title' => $say->say(WhatToDo::title($mishap)),
            'now' => array_map($say->say(...), WhatToDo::now($mishap)),
        ], Mishap::cases());
    }

    /**
     * A pool on a film: what to take off, or how long to tilt it; null where it is none.
     *
     * @return array{take_off_ml: float, tilt_min: float|null, tilt_mm_per_m: float}|null
     *
     * @throws FieldException when its copy cannot be computed
     */
    public function pool(Pour $pour, float $depthMm, float $share, CarbonImmutable $now): ?array
    {
        $since = ((int) Moment::ms($now) - (int) Moment::ms($pour->poured_at ?? $now)) / 60_000;
        $pool = Pooling::of($this->schedule->again($pour->plan(), $pour->ageMin()), $depthMm, $share, $since);

        return $pool === null ? null : ['take_off_ml' => $pool->takeOffMl, 'tilt_min' => $pool->tiltMin, 'tilt_mm_per_m' => Pooling::TILT_MM_PER_M];
    }

    /**
     * What is missing on a film: what it becomes without, and what it takes to mix it while the film still takes it.
     *
     * @param  float  $ml  above 0
     * @return array<string, mixed>
     *
     * @throws FieldException when its copy cannot be computed
     */
    public function short(Pour $pour, float $ml, CarbonImmutable $now): array
    {
        $result = $this->schedule->again($pour->plan(), $pour->ageMin());
        $since = ((int) Moment::ms($now) - (int) Moment::ms($pour->poured_at ?? $pour->started_at)) / 60_000;
        $short = ShortOfResin::of($result, $ml, $pour->count ?? $result->case->piece->quantity, $since);

        return [
            'missing_ml' => $ml,
            'stretched_mm' => $short->stretchedMm,
            'asked_mm' => $short->askedMm,
            'thinnest_mm' => $short->thinnestMm,
            'levels' => $short->stretchLevels(),
            'mix' => ['total_ml' => $short->mix->totalMl(), 'shown' => ShownMix::of($short->mix)],
            'takes_min' => $short->takesMin,
            'left_min' => $short->leftMin,
            'in_time' => $short->isMixedInTime(),
        ];
    }
}
