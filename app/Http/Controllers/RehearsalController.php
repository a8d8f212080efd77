<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Clock\StudioClock;
use App\Http\Arrival;
use App\Http\Middleware\Rehearse;
use App\Http\SentJson;
use App\Models\Pour;
use App\Models\Rehearsal;
use App\Rehearsing\Debrief;
use App\Rehearsing\RehearsalDesk;
use App\Rehearsing\Stage;
use App\Saying\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cookie;
use Inertia\Inertia;
use Inertia\Response;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Rehearsal\Accident;

/** Rehearses tonight: a copy of the studio, a faster clock, and what goes wrong. */
final readonly class RehearsalController
{
    private const LARGEST_SEED = 1_000_000;

    private const COOKIE_MIN = 24 * 60;

    public function __construct(
        private Stage $stage,
        private RehearsalDesk $desk,
        private StudioClock $clock,
    ) {
    }

    public function begin(Request $request): JsonResponse
    {
        $body = SentJson::of($request);
        $this->stage->leave();
        $accidents = array_values(array_filter(array_map(Accident::tryFrom(...), $body->texts('accidents'))));
        $seed = abs($body->whole('seed') ?? random_int(0, self::LARGEST_SEED)) % self::LARGEST_SEED;
        $id = $this->desk->begin($seed, $accidents, self::paceOf($body), $body->value('mixed') === true, Person::of($request));

        $this->stage->leave();

        return response()->json(['to' => $body->value('mixed') === true ? '/run' : '/evening'])->withCookie(Cookie::make(Rehearse::COOKIE, $id, self::COOKIE_MIN, '/', null, $request->isSecure(), true, false, 'strict'));
    }

    public function show(Request $request): Response
    {
        return Inertia::render('Rehearsal', Debrief::of($this->rehearsal(), (int) Arrival::of($request)->valueOf(), Person::of($request)));
    }

    public function state(Request $request): JsonResponse
    {
        $rehearsal = $this->rehearsal();
        $person = Person::of($request);
        $now = $this->clock->real();
        $own = $this->stage->own();

        return response()->json([
            'now' => (int) Arrival::of($request)->valueOf(),
            'pace' => $rehearsal->pace,
            'paces' => RehearsalDesk::PACES,
            'ended' => $rehearsal->ended_ms !== null,
            'news' => self::allNews($rehearsal, $person),
            // what is really wet stays in sight
            'wet' => Pour::on($own)->setting($now)->count(),
        ]);
    }

    public function pace(Request $request): JsonResponse
    {
        $this->desk->turn($this->rehearsal(), self::paceOf(SentJson::of($request)));

        return $this->turned();
    }

    public function door(Request $request): JsonResponse
    {
        $this->desk->atTheDoor($this->rehearsal(), SentJson::of($request)->value('go') === true);

        return $this->turned();
    }

    public function end(): JsonResponse
    {
        $this->desk->end($this->rehearsal());

        return response()->json(['to' => '/rehearsal']);
    }

    public function leave(): JsonResponse
    {
        return response()->json(['to' => '/evening'])->withCookie(Cookie::forget(Rehearse::COOKIE, '/'));
    }

    private function turned(): JsonResponse
    {
        $rehearsal = $this->rehearsal();

        return response()->json(['now' => $rehearsal->clock()->ms((int) $this->clock->real()->valueOf()), 'pace' => $rehearsal->pace]);
    }

    private function rehearsal(): Rehearsal
    {
        return $this->stage->rehearsal() ?? abort(404);
    }

    private static function paceOf(Entry $body): float
    {
        $pace = $body->number('pace');

        return in_array($pace, RehearsalDesk::PACES, true) ? $pace : RehearsalDesk::PACES[1];
    }

    /** @return list<array{accident: string, at: int, text: string, asks: bool}> in the order in which they came */
    private static function allNews(Rehearsal $rehearsal, Person $person): array
    {
        $came = array_filter($rehearsal->accidents(), static fn (Accident $one): bool => $rehearsal->told->has($one->value));
        $news = array_map(static fn (Accident $one): array => self::news($one, $rehearsal->told->at($one->value), $person), $came);
        usort($news, static fn (array $a, array $b): int => $a['at'] <=> $b['at']);

        return $news;
    }

    /** @return array{accident: string, at: int, text: string, asks: bool} */
    private static function news(Accident $accident, Entry $came, Person $person): array
    {
        return [
            'accident' => $accident->value,
            'at' => (int) $came->number('at'),
            'text' => $person->say(Message::of("rehearsal.$accident->value.told", thing: $came->text('title') ?? '', ml: Measure::volume($came->number('ml') ?? 0.0))),
            'asks' => $accident === Accident::Visitor && ! $came->has('went'),
        ];
    }
}
