<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Arrival;
use App\Http\Editing;
use App\Http\SentJson;
use App\Http\Typed;
use App\Journal\Moment;
use App\Models\Coat;
use App\Models\Piece;
use App\Models\Plan;
use App\Models\Pour;
use App\Planning\CoatAnswer;
use App\Planning\Namesakes;
use App\Planning\OutlineDrawing;
use App\Planning\PieceDesk;
use App\Pouring\PourState;
use App\Pouring\UsedBesidePlanned;
use App\Pouring\VapoursInRoom;
use App\Saying\Person;
use App\Typed\FieldException;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use OpenGlaze\Core\Answer\ResultDocument;
use OpenGlaze\Core\Document\PieceEntry;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Outline\Inset;
use OpenGlaze\Core\Outline\OutlineException;
use OpenGlaze\Core\Plan\Piece as CorePiece;
use OpenGlaze\Core\Plan\PieceKind;
use OpenGlaze\Core\Plan\UsualPiece;
use OpenGlaze\Core\Quantity\LengthParser;
use OpenGlaze\Core\Quantity\QuantityException;
use OpenGlaze\Core\Reading\PieceReader;
use OpenGlaze\Core\Trace\Traces;

/** Taking pieces in, and looking back at them. */
final readonly class PieceController
{
    /** How much smaller than its place a backing is cut, mm. */
    private const LESS_MM = 0.5;

    /** How many pieces are shown at a time. */
    private const AT_A_TIME = 60;

    /** How many pours are shown at a time. */
    private const POURS_AT_A_TIME = 20;

    public function __construct(private PieceDesk $desk)
    {
    }

    /** The pieces of the open plans: so many of each, or one plan page by page, or those that were taken away. */
    public function index(Request $request): Response
    {
        $now = Arrival::of($request);
        $wanted = trim(SentJson::text($request, 'find'));
        $one = $request->integer('plan');
        $away = $request->boolean('away');
        $page = max(1, $request->integer('page', 1));
        $plans = Plan::open()->when($one > 0, fn ($plans) => $plans->whereKey($one))->get();
        $vapours = VapoursInRoom::at($now);

        return Inertia::render('Pieces', [
            'plans' => $plans->map(function (Plan $plan) use ($wanted, $away, $page, $one, $now, $vapours): array {
                $pieces = $plan->pieces()->when($away, fn ($pieces) => $pieces->onlyTrashed())
                    ->when($wanted !== '', fn ($pieces) => $pieces->whereRaw("instr(lower(json_extract(spec, '\$.name')), lower(?)) > 0", [$wanted]));
                $count = $pieces->count();

                return [
                    'id' => $plan->id,
                    'name' => $plan->name,
                    'count' => $count,
                    'page' => $one > 0 ? $page : 1,
                    'pages' => (int) ceil($count / self::AT_A_TIME),
                    'pieces' => $this->listed($pieces->with(['coats.resin', 'lastPour', 'pours' => fn ($pours) => $pours->setting($now)])
                        ->forPage($one > 0 ? $page : 1, self::AT_A_TIME)->get(), $now, $vapours),
                ];
            }),
            'find' => $wanted,
            'plan' => $one > 0 ? $one : null,
            'away' => $away,
            'away_count' => Piece::onlyTrashed()->whereIn('plan_id', Plan::open()->select('id'))->count(),
        ]);
    }

    /**
     * @param  Collection<int, Piece>  $pieces
     * @return list<array<string, mixed>>
     */
    private function listed(Collection $pieces, CarbonImmutable $now, VapoursInRoom $vapours): array
    {
        $namesakes = Namesakes::among($pieces);

        return array_values($pieces->map(fn (Piece $piece): array => [
            ...$this->desk->summary($piece),
            'twin' => isset($namesakes[$piece->id]),
            'pours' => $piece->pours->map(fn (Pour $pour): array => PourState::of($pour, $now, $vapours))->values(),
            'last_poured_at' => $piece->lastPour?->started_at->valueOf(),
            'coats' => $piece->coats->map(fn (Coat $coat): array => ['id' => $coat->id, 'kind' => $coat->kind(), 'resin' => $coat->resin->name()])->values(),
        ])->all());
    }

    public function create(): Response
    {
        return Inertia::render('TakeIn', ['piece' => null, 'usual' => array_map(static function (PieceKind $kind): array {
            $usual = UsualPiece::of($kind);

            return ['by' => $usual->by, 'coated_edges' => $usual->edges ? 'all' : 'none', 'surface' => $usual->surface->value, 'face_down' => $usual->faceDown];
        }, array_column(PieceKind::cases(), null, 'value'))]);
    }

    public function store(Request $request): RedirectResponse
    {
        $piece = $this->desk->takeIn(Plan::own(), Typed::of($request));

        return redirect()->route('coats.show', $piece->coats()->firstOrFail());
    }

    public function edit(Piece $piece): Response
    {
        return Inertia::render('TakeIn', ['piece' => [
            ...$this->desk->summary($piece),
            'coat_id' => $piece->coats()->value('id'),
            'read' => ['piece' => $piece->version],
            'casts' => $this->casts($piece),
        ], 'usual' => null]);
    }

    public function update(Request $request, Piece $piece): RedirectResponse
    {
        $body = SentJson::of($request);
        $edit = Editing::by($request, $body);
        $this->desk->change($piece, Typed::of($request, $body->without('read')), $edit);
        $coat = $piece->coats()->first();

        return $coat === null ? redirect()->route('pieces') : redirect()->route('coats.show', $coat);
    }

    public function live(Request $request): JsonResponse
    {
        $piece = $this->unsaved($request);

        return response()->json([
            'piece' => ResultDocument::piece($piece),
            'drawing' => OutlineDrawing::of($piece),
        ]);
    }

    public function trace(Request $request, string $figure): JsonResponse
    {
        return response()->json(CoatAnswer::trace(Traces::ofPiece($this->unsaved($request))[$figure] ?? abort(404), Person::of($request)));
    }

    /** A piece that something is setting on is not taken away with one press. */
    public function destroy(Request $request, Piece $piece): RedirectResponse
    {
        $wet = $piece->pours()->setting(Arrival::of($request))->orderByDesc('handle_at')->first();
        if ($wet !== null && ! $request->boolean('all_the_same')) {
            throw FieldException::at(['away' => (string) $piece->id, 'away_until' => (string) Moment::ms($wet->handle_at)]);
        }
        $piece->delete();

        return redirect()->route('pieces')
            ->with('said', Person::of($request)->say(Message::of('said.taken_away', name: $piece->name())))
            ->with('undo', "/pieces/{$piece->id}/restore");
    }

    public function restore(Request $request, Piece $piece): RedirectResponse
    {
        $piece->restore();

        return redirect()->route('pieces')->with('said', Person::of($request)->say(Message::of('said.back', name: $piece->name())));
    }

    /** What is cut to fit inside it, at 1:1 on paper. */
    public function template(Request $request, Piece $piece): Response
    {
        $outline = (new PieceReader)->saved($piece->spec)->outline ?? abort(404);
        $less = $request->query('less');
        try {
            $lessMm = is_string($less) && trim($less) !== '' ? max(0.0, LengthParser::mm($less, Person::of($request)->units->lengthUnit())) : self::LESS_MM;
            $shape = ['d' => Inset::pathData($outline, $lessMm), 'sentence' => null];
        } catch (QuantityException|OutlineException $exception) {
            $lessMm = self::LESS_MM;
            $shape = ['d' => Inset::pathData($outline, 0.0), 'sentence' => Person::of($request)->say($exception->said)];
        }

        return Inertia::render('Template', ['piece' => $this->desk->summary($piece), 'less_mm' => $lessMm, ...$shape]);
    }

    public function history(Request $request, Piece $piece): Response
    {
        $pours = $piece->pours()->with(['begun', 'poured'])->paginate(self::POURS_AT_A_TIME);
        $now = Arrival::of($request);
        $vapours = VapoursInRoom::at($now);

        return Inertia::render('LookBack', [
            'piece' => [
                ...$this->desk->summary($piece),
                'coat_id' => $piece->trashed() ? null : $piece->coats()->value('id'),
                'next_coat_id' => $piece->trashed() ? null : $this->desk->nextCoat($piece)?->id,
            ],
            'pours' => $pours->getCollection()->map(fn (Pour $pour): array => [
                ...PourState::of($pour, $now, $vapours),
                ...UsedBesidePlanned::of($pour),
            ])->values(),
            'page' => $pours->currentPage(),
            'pages' => $pours->lastPage(),
        ]);
    }

    /** How often its lowest coat was poured: of a mould, how often it was cast. */
    private function casts(Piece $piece): int
    {
        $first = $piece->coats()->first();

        return $first === null ? 0 : Pour::query()->where('coat_id', $first->id)->whereNotNull('poured_at')->count();
    }

    /** The piece as it is typed, whether it has a name yet or not. */
    private function unsaved(Request $request): CorePiece
    {
        return $this->desk->check(Plan::own(), PieceEntry::of(Typed::of($request)->raw())->called('live', 'live'));
    }
}
