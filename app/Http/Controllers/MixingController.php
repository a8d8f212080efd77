<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Arrival;
use App\Http\Presses;
use App\Http\SentJson;
use App\Http\Typed;
use App\Mixing\CupReader;
use App\Mixing\EveningAnswer;
use App\Mixing\MixingDesk;
use App\Mixing\MixingState;
use App\Mixing\RestTakers;
use App\Models\Coat;
use App\Models\Mixing;
use App\Models\Plan;
use App\Pouring\BatchPours;
use App\Saying\Person;
use App\Scale\Scale;
use App\Scale\ScaleReading;
use App\Scale\SocketScale;
use App\Sensing\RoomLog;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use OpenGlaze\Core\Journal\EventKind;
use OpenGlaze\Core\Message\Message;

/** A batch being weighed, stirred and coloured; and the scale that it stands on. */
final readonly class MixingController
{
    public function __construct(
        private CupReader $cups,
        private Presses $presses,
    ) {
    }

    public function begin(Request $request, Plan $plan, string $batch, MixingDesk $desk): RedirectResponse
    {
        return redirect()->route('mixings.show', $desk->begin($plan, $batch, $this->presses->ofForm(SentJson::of($request), Arrival::of($request), EventKind::MixingBegun), Person::of($request)));
    }

    /** The first time it is said too how this studio measures. */
    public function beginAlone(Request $request, Coat $coat, MixingDesk $desk): RedirectResponse
    {
        return redirect()->route('mixings.show', $desk->beginAlone($coat, SentJson::of($request)->text('measure_by'), $this->presses->ofForm(SentJson::of($request), Arrival::of($request), EventKind::MixingBegun), Person::of($request)));
    }

    public function show(Request $request, Mixing $mixing, MixingDesk $desk): Response
    {
        $evening = $this->cups->evening($mixing);
        $batch = $evening->batches[0];

        return Inertia::render('Weigh', [
            'mixing' => MixingState::of($mixing, $this->cups, Person::of($request), Arrival::of($request)),
            'batch' => EveningAnswer::batch($evening, $batch, Arrival::of($request), Person::of($request)),
            'plan_id' => $mixing->plan_id,
            'takes_now_g' => $desk->takesNowG($mixing),
            'room' => RoomLog::over($evening->document->studio(), Arrival::of($request)),
            'cautions' => EveningAnswer::cautions($batch, Person::of($request)),
        ]);
    }

    public function state(Request $request, Mixing $mixing): JsonResponse
    {
        return response()->json(MixingState::of($mixing, $this->cups, Person::of($request), Arrival::of($request)));
    }

    public function pour(Request $request, Mixing $mixing, BatchPours $pours): RedirectResponse
    {
        $body = SentJson::of($request);
        $started = $pours->start($mixing, Typed::room($request, $body), Typed::reason($body), $this->presses->ofForm($body, Arrival::of($request), EventKind::PourBegun), Person::of($request));

        return count($started) === 1 ? redirect()->route('pours.show', $started[0]) : redirect()->route('run')->with('said', Person::of($request)->say(Message::of('said.clocks_run')));
    }

    /** Who takes what is left in the cup. */
    public function takers(Request $request, Mixing $mixing, RestTakers $takers): JsonResponse
    {
        return response()->json($takers->of($mixing, Arrival::of($request), Person::of($request)));
    }

    public function scale(Request $request, Scale $scale): JsonResponse
    {
        return self::read($request, $scale->reading());
    }

    public function zero(Request $request, Scale $scale): JsonResponse
    {
        return self::read($request, $scale->zero());
    }

    /** What a hand does to the stand-in of a scale. */
    public function hand(Request $request, SocketScale $scale): JsonResponse
    {
        $body = SentJson::of($request);
        $what = $body->value('hand');
        $grams = $body->value('grams') ?? 0;
        $scale->hand(is_string($what) ? $what : '', is_int($grams) || is_float($grams) ? (float) $grams : 0.0);

        return self::read($request, $scale->reading());
    }

    private static function read(Request $request, ScaleReading $reading): JsonResponse
    {
        return response()->json([
            'grams' => $reading->grams,
            'steady' => $reading->isSteady,
            'resolution_g' => $reading->resolutionG,
            'fault' => $reading->fault?->value,
            'sentence' => $reading->fault === null ? null : Person::of($request)->say($reading->fault->said()),
            'standin' => $reading->isStandIn,
        ]);
    }
}
