<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Body;
use App\Http\Editing;
use App\Http\Person;
use App\Models\Piece;
use App\Models\Plan;
use App\Models\Pour;
use App\Planning\CoatAnswer;
use App\Planning\OutlineDrawing;
use App\Planning\PieceDesk;
use App\Planning\TypedFields;
use App\Pouring\PourState;
use App\Pouring\UsedBesidePlanned;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use OpenGlaze\Core\Coating\ResultDocument;
use OpenGlaze\Core\Outline\Inset;
use OpenGlaze\Core\Outline\OutlineException;
use OpenGlaze\Core\Plan\Piece as CorePiece;
use OpenGlaze\Core\Plan\PieceKind;
use OpenGlaze\Core\Plan\PieceReader;
use OpenGlaze\Core\Plan\UsualPiece;
use OpenGlaze\Core\Quantity\LengthParser;
use OpenGlaze\Core\Quantity\QuantityException;
use OpenGlaze\Core\Trace\Traces;
use stdClass;

/** Taking pieces in, and looking back at them. */
final readonly class PieceController
{
    /** How much smaller than its place a backing is cut, mm. */
    private const LESS_MM = 0.5;

    public function __construct(private PieceDesk $desk)
    {
    }

    public function index(): Response
    {
        $plans = Plan::query()->with([
            'pieces.coats.resin',
            'pieces.pours' => fn ($pours) => $pours->setting(CarbonImmutable::now()),
            'pieces.lastPour',
        ])->oldest('id')->get();

        return Inertia::render('Pieces', [
            'plans' => $plans->map(fn (Plan $plan): array => [
                'id' => $plan->id,
                'name' => $plan->name,
                'pieces' => $plan->pieces->map(fn (Piece $piece): array => [
                    ...$this->desk->summary($piece),
                    'pours' => $piece->pours->map(fn (Pour $pour): array => PourState::of($pour, CarbonImmutable::now()))->values(),
                    'last_poured_at' => $piece->lastPour?->started_at->valueOf(),
                    'coats' => $piece->coats->map(fn ($coat): array => ['id' => $coat->id, 'kind' => $coat->kind(), 'resin' => $coat->resin->name()])->values(),
                ])->values(),
            ]),
        ]);
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
        $piece = $this->desk->takeIn(Plan::own(), $this->typed($request));

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
        $body = Body::of($request);
        $edit = Editing::by($request, $body);
        $this->desk->change($piece, (new TypedFields(Person::units($request)))->read($body, ''), $edit);
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
        return response()->json(CoatAnswer::trace(Traces::ofPiece($this->unsaved($request))[$figure] ?? abort(404)));
    }

    public function destroy(Piece $piece): RedirectResponse
    {
        $piece->delete();

        return redirect()->route('pieces')
            ->with('said', $piece->name().' was taken away.')
            ->with('undo', "/pieces/{$piece->id}/restore");
    }

    public function restore(Piece $piece): RedirectResponse
    {
        $piece->restore();

        return redirect()->route('pieces')->with('said', $piece->name().' is back.');
    }

    /** What is cut to fit inside it, at 1:1 on paper. */
    public function template(Request $request, Piece $piece): Response
    {
        $outline = (new PieceReader)->saved($piece->spec)->outline ?? abort(404);
        $less = $request->query('less');
        try {
            $lessMm = is_string($less) && trim($less) !== '' ? max(0.0, LengthParser::mm($less, Person::units($request)->lengthUnit())) : self::LESS_MM;
            $shape = ['d' => Inset::pathData($outline, $lessMm), 'sentence' => null];
        } catch (QuantityException|OutlineException $exception) {
            $lessMm = self::LESS_MM;
            $shape = ['d' => Inset::pathData($outline, 0.0), 'sentence' => $exception->getMessage()];
        }

        return Inertia::render('Template', ['piece' => $this->desk->summary($piece), 'less_mm' => $lessMm, ...$shape]);
    }

    public function history(Piece $piece): Response
    {
        return Inertia::render('LookBack', [
            'piece' => [...$this->desk->summary($piece), 'coat_id' => $piece->coats()->value('id'), 'next_coat_id' => $this->desk->nextCoat($piece)?->id],
            'pours' => $piece->pours()->with(['begun', 'poured'])->get()->map(fn (Pour $pour): array => [
                ...PourState::of($pour, CarbonImmutable::now()),
                ...UsedBesidePlanned::of($pour),
            ])->values(),
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
        $spec = $this->typed($request);
        $spec->id = 'live';
        $spec->name = 'live';

        return $this->desk->check(Plan::own(), $spec);
    }

    private function typed(Request $request): stdClass
    {
        return (new TypedFields(Person::units($request)))->read(Body::of($request), '');
    }
}
