<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Arrival;
use App\Http\Editing;
use App\Http\SentJson;
use App\Http\Typed;
use App\Mixing\ColourStops;
use App\Mixing\Cups;
use App\Models\Coat;
use App\Models\Plan;
use App\Models\Pour;
use App\Models\Resin;
use App\Models\Template;
use App\Planning\CoatAnswer;
use App\Planning\CoatChanges;
use App\Planning\CoatChoices;
use App\Planning\CoatDesk;
use App\Planning\EdgeAnswer;
use App\Planning\FilmsNow;
use App\Planning\PieceDesk;
use App\Planning\PlanAssembler;
use App\Planning\RangeAnswer;
use App\Planning\StackAnswer;
use App\Pouring\PourDesk;
use App\Pouring\RanOff;
use App\Pouring\UsedBesidePlanned;
use App\Saying\Person;
use App\Sensing\RoomLog;
use App\Typed\FieldException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Message\Speaker;
use OpenGlaze\Core\Plan\Containment;
use OpenGlaze\Core\Plan\PieceKind;
use OpenGlaze\Core\Plan\ResinFamily;
use OpenGlaze\Core\Safety\Caution;
use OpenGlaze\Core\Trace\Traces;

/** One coat: its section, its answer, its traces, its mix sheet. */
final readonly class CoatController
{
    public function __construct(
        private CoatDesk $desk,
        private PieceDesk $pieces,
    ) {
    }

    public function show(Request $request, Coat $coat): Response
    {
        $films = FilmsNow::ofPiece($coat->piece_id, Arrival::of($request));

        return Inertia::render('Coat', [
            ...$this->page($request, $coat),
            ...$this->answer($request, $coat, $films),
            'phases' => (object) $films->byCoat(),
            'edge' => self::edge($coat),
            'read' => self::read($coat),
            'templates' => Template::query()->orderBy('name')->get(['id', 'name']),
            'choices' => CoatChoices::all(),
            'last_took' => $this->lastTook($coat),
            'own_trays' => self::ownTrays(),
        ]);
    }

    public function mix(Request $request, Coat $coat, PlanAssembler $assembler): Response
    {
        $answer = $this->answer($request, $coat, FilmsNow::ofPiece($coat->piece_id, Arrival::of($request)));

        return Inertia::render('MixSheet', [
            'cup' => Cups::alone($coat),
            'tonight' => Cups::tonight($coat),
            ...$this->page($request, $coat),
            // its clock begins in the room as it is now
            'room' => RoomLog::over($coat->piece->plan->studio(), Arrival::of($request)),
            ...$answer,
            'weighable' => data_get($answer, 'answer.coat.mix.total_g') !== null,
            // by typical densities nothing is weighed anyway
            'asks_how' => Plan::own()->studio()->text('measure_by') === null && data_get($answer, 'answer.weighed_off_pct') === 0.0,
            'cautions' => $this->cautions($coat, Person::of($request)),
            'colour_stops' => CoatAnswer::advice(ColourStops::of($assembler->forCoat($coat)), Person::of($request)),
        ]);
    }

    /** @return list<string> of the mixing */
    private function cautions(Coat $coat, Speaker $say): array
    {
        $cautions = Caution::ofMixing(
            $coat->resin->sheet->text('family') === ResinFamily::Polyester->value,
            $coat->spec->text('containment') === Containment::Dammed->value && $coat->piece->spec->text('kind') === PieceKind::Tabletop->value,
        );

        return array_map($say->say(...), Caution::together($cautions));
    }

    /** Computes without saving. */
    public function live(Request $request, Coat $coat): JsonResponse
    {
        return response()->json(StackAnswer::of($this->desk->changed($coat, $this->changes($request)), Person::of($request)));
    }

    public function update(Request $request, Coat $coat): JsonResponse
    {
        $body = SentJson::of($request);
        $edit = Editing::by($request, $body);
        $result = $this->desk->save($coat, CoatChanges::typed($body, Typed::fields($request)), $edit);

        return response()->json([
            'answer' => StackAnswer::of($result, Person::of($request)),
            'coat' => $this->row($coat),
            'room' => $coat->piece->plan->studio(),
            'edge' => self::edge($coat),
            'read' => self::read($coat),
        ]);
    }

    public function trace(Request $request, Coat $coat, string $figure): JsonResponse
    {
        $traces = Traces::of($this->desk->changed($coat, $this->changes($request))->coat);

        return response()->json(CoatAnswer::trace($traces[$figure] ?? abort(404), Person::of($request)));
    }

    /** How sure its figures are; asked for only when somebody rests on the page. */
    public function ranges(Request $request, Coat $coat): JsonResponse
    {
        return response()->json(RangeAnswer::of($this->desk->ranges($coat, $this->changes($request)), Person::of($request)));
    }

    /** What would keep a film that runs over its edge; asked for when somebody wants to see it. */
    public function ways(Request $request, Coat $coat): JsonResponse
    {
        return response()->json(EdgeAnswer::ways($this->desk->ways($coat, $this->changes($request))));
    }

    private function changes(Request $request): CoatChanges
    {
        return CoatChanges::typed(SentJson::of($request), Typed::fields($request));
    }

    /** @return array<string, mixed> */
    private function page(Request $request, Coat $coat): array
    {
        $plan = $coat->piece->plan;

        return [
            'piece' => $this->pieces->summary($coat->piece),
            'coat' => $this->row($coat),
            'room' => $plan->studio(),
            'lifts_poured' => PourDesk::liftsPoured($coat),
            'resins' => Resin::atHandFor($plan)->get()->map(fn (Resin $resin): array => [
                'id' => $resin->id, 'name' => $resin->name(), 'sheet' => $resin->sheet,
            ]),
            'running_pour_id' => Pour::query()->where('coat_id', $coat->id)->setting(Arrival::of($request))->latest('started_at')->value('id'),
        ];
    }

    /** @return array{share: float, pours: int}|null what this studio weighed below its pieces, of what was said */
    private static function ownTrays(): ?array
    {
        $trays = RanOff::ownRate();

        return $trays === null ? null : ['share' => $trays->share, 'pours' => $trays->pours];
    }

    /** @return Entry what is set of the edge of its piece */
    private static function edge(Coat $coat): Entry
    {
        return Entry::from(array_intersect_key($coat->piece->spec->fields(), ['edge_radius_mm' => true]));
    }

    /** @return array{coat: int, plan: int, piece: int} the versions that the page shows */
    private static function read(Coat $coat): array
    {
        return ['coat' => $coat->version, 'plan' => $coat->piece->plan->version, 'piece' => $coat->piece->version];
    }

    /** What the last finished pour of this coat took out of the bottles for one piece, ml. */
    private function lastTook(Coat $coat): ?float
    {
        $pour = Pour::query()->where('coat_id', $coat->id)->whereNotNull('used_a_ml')->whereNotNull('used_b_ml')->with('begun')->latest('started_at')->first();
        $quantity = $pour === null ? null : $pour->count ?? $pour->result()->pieces();

        return $pour?->used_a_ml === null || $pour->used_b_ml === null ? null : ($pour->used_a_ml + $pour->used_b_ml - (UsedBesidePlanned::leftMl($pour) ?? 0.0)) / max(1.0, $quantity ?? 1.0);
    }

    /** @return array<string, mixed> */
    private function row(Coat $coat): array
    {
        return ['id' => $coat->id, 'kind' => $coat->kind(), 'resin_id' => $coat->resin_id, 'spec' => $coat->spec];
    }

    /** @return array<string, mixed> */
    private function answer(Request $request, Coat $coat, FilmsNow $films): array
    {
        try {
            $stack = $this->desk->saved($coat);

            return ['answer' => StackAnswer::of($stack, Person::of($request)), 'sentences' => null, 'next_now' => CoatAnswer::advice($films->judge($stack), Person::of($request))];
        } catch (FieldException $exception) {
            return ['answer' => null, 'sentences' => $exception->sentences(Person::of($request)), 'next_now' => []];
        }
    }
}
