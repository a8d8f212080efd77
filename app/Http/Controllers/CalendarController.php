<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Calendar\CalendarFile;
use App\Http\Arrival;
use App\Models\Pour;
use App\Pouring\FilmTimes;
use App\Pouring\OnTheBench;
use App\Rehearsing\Stage;
use App\Saying\Person;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Times out, for a calendar. What is only rehearsed is nobody reminded of. */
final readonly class CalendarController
{
    public function __construct(private Stage $stage)
    {
    }

    /** Of all that is on the bench. */
    public function bench(Request $request): Response
    {
        return $this->file($request, OnTheBench::pours(Arrival::of($request)), 'bench');
    }

    public function film(Request $request, Pour $pour): Response
    {
        return $this->file($request, [$pour], 'film');
    }

    /** @param  list<Pour>  $pours */
    private function file(Request $request, array $pours, string $name): Response
    {
        abort_if($this->stage->rehearsal() !== null, 404);
        $now = Arrival::of($request);
        $person = Person::of($request);
        $entries = array_merge(...array_map(static fn (Pour $pour): array => FilmTimes::of($pour, $now, $person), $pours));

        return response(CalendarFile::of($entries, $now), 200, ['Content-Type' => CalendarFile::TYPE, 'Content-Disposition' => "attachment; filename=\"$name.ics\""]);
    }
}
