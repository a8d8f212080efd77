<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Body;
use App\Http\Person;
use App\Mixing\EveningAnswer;
use App\Mixing\MixingDesk;
use App\Mixing\MixingState;
use App\Models\Mixing;
use App\Models\Plan;
use App\Planning\TypedFields;
use App\Pouring\BatchPours;
use App\Scale\Scale;
use App\Scale\ScaleReading;
use App\Scale\SocketScale;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use stdClass;

/** A batch being weighed, stirred and coloured; and the scale that it stands on. */
final readonly class MixingController
{
    public function __construct(private MixingDesk $desk)
    {
    }

    public function begin(Request $request, Plan $plan, string $batch): RedirectResponse
    {
        return redirect()->route('mixings.show', $this->desk->begin($plan, $batch, Person::units($request)));
    }

    public function show(Request $request, Mixing $mixing): Response
    {
        $evening = $this->desk->evening($mixing, Person::units($request));
        $batch = $evening->batches[0];

        return Inertia::render('Weigh', [
            'mixing' => MixingState::of($mixing, $batch, $this->desk->weighing($batch, $mixing->weighed)),
            'batch' => EveningAnswer::batch($evening, $batch, CarbonImmutable::now()),
            'plan_id' => $mixing->plan_id,
            'room' => $evening->document->studio,
            'cautions' => EveningAnswer::cautions($batch),
        ]);
    }

    public function weigh(Request $request, Mixing $mixing): JsonResponse
    {
        $body = Body::of($request);
        $typed = $body->grams ?? null;
        $step = $body->step ?? null;
        $step = is_string($step) ? $step : '';
        $grams = is_int($typed) || is_float($typed) ? (float) $typed : $this->desk->gramsOf($mixing, $step, is_string($typed) ? $typed : '', Person::units($request));
        $this->desk->weigh($mixing, $step, $grams, Person::units($request));

        return $this->state($request, $mixing);
    }

    public function takeBack(Request $request, Mixing $mixing): JsonResponse
    {
        $this->desk->takeBack($mixing, Person::units($request));

        return $this->state($request, $mixing);
    }

    public function turnParts(Request $request, Mixing $mixing): JsonResponse
    {
        $this->desk->turnParts($mixing, Person::units($request));

        return $this->state($request, $mixing);
    }

    public function stir(Request $request, Mixing $mixing): JsonResponse
    {
        $this->desk->stir($mixing, Person::units($request));

        return $this->state($request, $mixing);
    }

    public function mixed(Request $request, Mixing $mixing): JsonResponse
    {
        $at = $request->input('at');
        $this->desk->mixed($mixing, is_int($at) ? CarbonImmutable::createFromTimestampMs($at) : null, Person::units($request));

        return $this->state($request, $mixing);
    }

    public function pour(Request $request, Mixing $mixing, BatchPours $pours): RedirectResponse
    {
        $body = Body::of($request);
        $typed = ($body->studio ?? null) instanceof stdClass ? $body->studio : new stdClass;
        $room = (new TypedFields(Person::units($request)))->read($typed, 'studio.');
        $reason = $body->reason ?? null;
        $started = $pours->start($mixing, $room, is_string($reason) ? mb_substr($reason, 0, 500) : null, Person::units($request));

        return count($started) === 1 ? redirect()->route('pours.show', $started[0]) : redirect()->route('now')->with('said', 'All clocks of this batch run. Pour in this order, from the first on.');
    }

    public function scale(Scale $scale): JsonResponse
    {
        return self::read($scale->reading());
    }

    public function zero(Scale $scale): JsonResponse
    {
        return self::read($scale->zero());
    }

    /** What a hand does to the stand-in of a scale. */
    public function hand(Request $request, SocketScale $scale): JsonResponse
    {
        $body = Body::of($request);
        $what = $body->hand ?? null;
        $grams = $body->grams ?? 0;
        $scale->hand(is_string($what) ? $what : '', is_int($grams) || is_float($grams) ? (float) $grams : 0.0);

        return self::read($scale->reading());
    }

    private function state(Request $request, Mixing $mixing): JsonResponse
    {
        $mixing->refresh();
        $batch = $this->desk->batch($mixing, Person::units($request));

        return response()->json(MixingState::of($mixing, $batch, $this->desk->weighing($batch, $mixing->weighed)));
    }

    private static function read(ScaleReading $reading): JsonResponse
    {
        return response()->json([
            'grams' => $reading->grams,
            'steady' => $reading->isSteady,
            'resolution_g' => $reading->resolutionG,
            'fault' => $reading->fault?->value,
            'sentence' => $reading->fault?->sentence(),
            'standin' => $reading->isStandIn,
        ]);
    }
}
