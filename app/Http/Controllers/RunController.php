<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Arrival;
use App\Http\SentJson;
use App\Http\Typed;
use App\Mixing\CupReader;
use App\Pouring\BeforeTheEvening;
use App\Pouring\BenchRun;
use App\Pouring\NextCup;
use App\Pouring\ReadByHand;
use App\Pouring\Unexpected;
use App\Saying\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use OpenGlaze\Core\Film\HeatTool;
use OpenGlaze\Core\Safety\Caution;

/** The evening at the bench: one run over all that is wet, one next act. */
final readonly class RunController
{
    public function __construct(
        private BeforeTheEvening $before,
        private NextCup $next,
        private CupReader $cups,
    ) {
    }

    public function show(Request $request): Response
    {
        $person = Person::of($request);
        $say = static fn (Caution $caution): array => array_map($person->say(...), $caution->said());

        return Inertia::render('Run', [
            'run' => $this->run($request)->state($person),
            'unexpected' => Unexpected::all($person),
            'cautions' => [
                'pour' => $say(Caution::Mix),
                'heat' => array_map(static fn (HeatTool $tool): array => ['tool' => $tool->value, 'sentences' => $say(Caution::from($tool->value))], [HeatTool::Flame, HeatTool::HeatGun, HeatTool::Breath]),
            ],
        ]);
    }

    public function state(Request $request): JsonResponse
    {
        return response()->json($this->run($request)->state(Person::of($request)));
    }

    /** What somebody read of the room. */
    public function room(Request $request, ReadByHand $reading): JsonResponse
    {
        $reading->write(Typed::room($request, SentJson::of($request)), Arrival::of($request));

        return $this->state($request);
    }

    private function run(Request $request): BenchRun
    {
        return BenchRun::at(Arrival::of($request), $this->before, $this->next, $this->cups);
    }
}
