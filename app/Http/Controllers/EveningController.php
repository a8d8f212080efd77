<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Arrival;
use App\Http\Editing;
use App\Http\SentJson;
use App\Http\Typed;
use App\Mixing\Choices;
use App\Mixing\CupChooser;
use App\Mixing\Evening;
use App\Mixing\EveningAnswer;
use App\Mixing\EveningDesk;
use App\Mixing\EveningPlanner;
use App\Mixing\Move;
use App\Models\Mixing;
use App\Models\Plan;
use App\Planning\CoatAnswer;
use App\Planning\RangeAnswer;
use App\Rehearsing\RehearsalDesk;
use App\Saying\Person;
use App\Typed\FieldException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use OpenGlaze\Core\Colour\Colourant;
use OpenGlaze\Core\Colour\Recipe;
use OpenGlaze\Core\Document\BatchEntry;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Plan\VesselSheet;
use OpenGlaze\Core\Quantity\NumberParser;
use OpenGlaze\Core\Quantity\QuantityException;
use OpenGlaze\Core\Trace\Traces;

/** Tonight's batches, and each of them by itself. */
final readonly class EveningController
{
    public function __construct(
        private EveningDesk $desk,
        private EveningPlanner $planner,
        private CupChooser $cups,
    ) {
    }

    public function own(): RedirectResponse
    {
        return redirect()->route('evening', Plan::own());
    }

    /** One evening over everything that is open: that of the studio. */
    public function show(Request $request, Plan $plan, Choices $choices): Response|RedirectResponse
    {
        if (! $plan->isOwn()) {
            return $this->own();
        }

        return Inertia::render('Evening', [
            'plan' => ['id' => $plan->id, 'name' => $plan->name],
            'read' => ['plan' => $plan->version],
            // of hundreds of pieces: asked for when somebody chooses
            'choices' => Inertia::optional(fn (): array => $choices->of(Arrival::of($request), Person::of($request))),
            ...$this->kept($request, $plan)[0],
            'mixings' => (object) $this->mixings($plan),
            'rehearse' => RehearsalDesk::choices(Person::of($request)),
        ]);
    }

    public function sheet(Request $request, Plan $plan): Response
    {
        return Inertia::render('EveningSheet', [
            'plan' => ['id' => $plan->id, 'name' => $plan->name],
            ...$this->kept($request, $plan)[0],
        ]);
    }

    public function batch(Request $request, Plan $plan, string $batch): Response
    {
        [$page, $evening] = $this->kept($request, $plan);
        $computed = $evening?->batch($batch);
        abort_if($evening !== null && $computed === null, 404);

        return Inertia::render('Batch', [
            'plan' => ['id' => $plan->id, 'name' => $plan->name],
            'read' => ['plan' => $plan->version],
            'batch' => $batch,
            ...$page,
            'cup' => $evening === null ? null : EveningAnswer::cup($evening, $computed),
            'supplies' => $evening === null ? null : self::supplies($evening),
            'cautions' => $computed === null ? [] : EveningAnswer::cautions($computed, Person::of($request)),
            'mixings' => (object) $this->mixings($plan),
        ]);
    }

    public function propose(Request $request, Plan $plan): JsonResponse
    {
        $keys = SentJson::of($request)->value('coats');
        $keys = array_values(array_filter(is_array($keys) ? $keys : [], is_string(...)));
        [$batches, $apart] = $this->cups->propose($plan, $keys, Arrival::of($request));

        return response()->json(['apart' => $apart, ...$this->answer($this->planner->compute($plan, $batches), $batches, $request)]);
    }

    /** Pieces go into another cup; it is saved. */
    public function move(Request $request, Plan $plan): JsonResponse
    {
        $body = Typed::of($request);
        [$batches, $evening] = $this->desk->move($plan, new Move($body->text('coat') ?? '', $body->text('from') ?? '', $body->text('to'), $body->whole('count'), $body->whole('at')), Editing::by($request, $body));

        return response()->json([...$this->answer($evening, $batches, $request), 'read' => ['plan' => $plan->version]]);
    }

    /** What a cup that gets hot offers. */
    public function halve(Request $request, Plan $plan, string $batch): RedirectResponse
    {
        $this->desk->halve($plan, $batch, Editing::by($request, SentJson::of($request)));

        return redirect()->route('batches.show', [$plan, $batch])->with('said', Person::of($request)->say(Message::of('said.halved')));
    }

    /** Computes without saving, one batch of them. */
    public function live(Request $request, Plan $plan): JsonResponse
    {
        $one = SentJson::text($request, 'batch');
        $evening = $this->planner->compute($plan, $this->typed($request), $one);
        $batch = $evening->batch($one) ?? abort(404);

        return response()->json(['figures' => EveningAnswer::batch($evening, $batch, Arrival::of($request), Person::of($request)), 'cup' => EveningAnswer::cup($evening, $batch)]);
    }

    public function update(Request $request, Plan $plan): JsonResponse
    {
        $batches = $this->typed($request);
        $evening = $this->desk->save($plan, $batches, Editing::by($request, SentJson::of($request)));

        return response()->json([...$this->answer($evening, $batches, $request), 'read' => ['plan' => $plan->version]]);
    }

    /** How a figure of a batch came about, as it is being changed. */
    public function trace(Request $request, Plan $plan, string $batch, string $figure): JsonResponse
    {
        $evening = $this->planner->compute($plan, $this->typed($request), $batch);
        $traces = Traces::ofBatch($evening->batch($batch) ?? abort(404), $evening->plan->studio);

        return response()->json(CoatAnswer::trace($traces[$figure] ?? abort(404), Person::of($request)));
    }

    /** How sure the figures of a batch are, as it is being changed. */
    public function ranges(Request $request, Plan $plan, string $batch): JsonResponse
    {
        $evening = $this->planner->compute($plan, $this->typed($request), $batch);
        abort_if($evening->batch($batch) === null, 404);

        return response()->json(RangeAnswer::of($this->planner->ranges($evening, $batch), Person::of($request)));
    }

    public function bath(Request $request, Plan $plan, string $batch): JsonResponse
    {
        $typed = SentJson::of($request)->value('celsius');
        try {
            $celsius = NumberParser::celsius(is_scalar($typed) ? (string) $typed : '', Person::of($request)->units);
        } catch (QuantityException $exception) {
            throw FieldException::at(['celsius' => $exception->said]);
        }
        if ($celsius < 5 || $celsius > 60) {
            throw FieldException::at(['celsius' => Message::of('refused.bath_temperature')]);
        }
        $evening = $this->planner->compute($plan, $this->desk->kept($plan));

        return response()->json(['bath' => EveningAnswer::bath($evening, $evening->batch($batch) ?? abort(404), $celsius)]);
    }

    /**
     * What is kept with the plan: for the page, and computed where it can be.
     *
     * @return array{array<string, mixed>, Evening|null}
     */
    private function kept(Request $request, Plan $plan): array
    {
        $batches = $this->desk->kept($plan);
        try {
            $evening = $this->planner->compute($plan, $batches);

            return [[...$this->answer($evening, $batches, $request), 'sentences' => null], $evening];
        } catch (FieldException $exception) {
            return [['batches' => $batches, 'answer' => null, 'sentences' => $exception->sentences(Person::of($request))], null];
        }
    }

    /**
     * @param  list<BatchEntry>  $batches
     * @return array{batches: list<BatchEntry>, answer: array<string, mixed>}
     */
    private function answer(Evening $evening, array $batches, Request $request): array
    {
        return ['batches' => $batches, 'answer' => EveningAnswer::of($evening, Arrival::of($request), Person::of($request))];
    }

    /** @return list<BatchEntry> */
    private function typed(Request $request): array
    {
        return Typed::of($request)->entries('batches', BatchEntry::class);
    }

    /** @return array<string, array{id: string, mixed: bool, poured: bool}> by batch */
    private function mixings(Plan $plan): array
    {
        $found = [];
        foreach (Mixing::query()->where('plan_id', $plan->id)->whereNull('discarded_at')->withCount('pours')->oldest('begun_at')->get() as $mixing) {
            $found[$mixing->batch_key] = ['id' => $mixing->id, 'mixed' => $mixing->mixed_at !== null, 'poured' => $mixing->pours_count > 0];
        }

        return $found;
    }

    /** @return array<string, mixed> what can be chosen from */
    private static function supplies(Evening $evening): array
    {
        return [
            'vessels' => array_values(array_map(static fn (VesselSheet $sheet): array => ['id' => $sheet->id, 'name' => $sheet->name, 'capacity_ml' => $sheet->shape->capacityMl()], $evening->plan->vessels)),
            'colourants' => array_values(array_map(static fn (Colourant $one): array => ['id' => $one->id, 'name' => $one->name, 'form' => $one->form->value, 'colour' => $one->look->colour], $evening->plan->colourants)),
            'recipes' => array_values(array_map(static fn (Recipe $one): array => ['id' => $one->id, 'name' => $one->name], $evening->plan->recipes)),
        ];
    }
}
