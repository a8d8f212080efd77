<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Editing\Edit;
use App\Http\Arrival;
use App\Http\Editing;
use App\Http\Presses;
use App\Http\SentJson;
use App\Http\Typed;
use App\Journal\Bench;
use App\Journal\Journal;
use App\Journal\Moment;
use App\Mixing\Choices;
use App\Mixing\EveningAnswer;
use App\Mixing\VesselsAtHand;
use App\Models\Coat;
use App\Models\Lot;
use App\Models\Piece;
use App\Models\Pour;
use App\Models\Resin;
use App\Models\Supply;
use App\Models\SupplyKind;
use App\Planning\CoatAnswer;
use App\Planning\ShelfDesk;
use App\Saying\Person;
use App\Stock\LotDesk;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use OpenGlaze\Core\Colour\Colourant;
use OpenGlaze\Core\Colour\Flammable;
use OpenGlaze\Core\Colour\Form;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Journal\EventKind;
use OpenGlaze\Core\Journal\LotRecord;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Message\Speaker;
use OpenGlaze\Core\Plan\SheetCheck;
use OpenGlaze\Core\Plan\StudioCounts;
use OpenGlaze\Core\Plan\VesselSheet;
use OpenGlaze\Core\Reading\BatchReader;
use OpenGlaze\Core\Reading\ResinReader;
use OpenGlaze\Core\Stock\Packs;

/** The shelf: resins as their labels have them, colourants and recipes, vessels, and the bottles that are open. */
final readonly class ShelfController
{
    public function __construct(
        private ShelfDesk $desk,
        private Presses $presses,
    ) {
    }

    public function show(Request $request, Choices $choices): Response
    {
        $needed = $choices->needed();
        [$say, $now] = [Person::of($request), Arrival::of($request)];

        return Inertia::render('Shelf', [
            'resins' => Resin::query()->whereNull('plan_id')->with('lots')->orderBy('position')->get()->map(static fn (Resin $resin): array => self::resin($resin, $needed[$resin->key] ?? 0.0, $say, $now)),
            'supplies' => array_merge(...array_map(static fn (SupplyKind $kind): array => Supply::onShelf($kind)->map(static fn (Supply $supply): array => self::supply($supply, $now))->all(), SupplyKind::cases())),
            'counts' => self::counts($this->desk->counts()),
            'tab' => $request->query('tab', 'resins'),
        ]);
    }

    /** What can be doubted of a sheet, and what its silences cost; nothing is saved. */
    public function check(Request $request): JsonResponse
    {
        $sheet = $this->desk->readTyped($this->typed($request));

        $say = Person::of($request);

        return response()->json(['doubts' => array_map($say->say(...), SheetCheck::doubts($sheet)), 'silences' => array_map($say->say(...), SheetCheck::silences($sheet)), 'phases' => CoatAnswer::phases($sheet->labelPhases()), 'typical' => (object) $sheet->typical()]);
    }

    public function addResin(Request $request): RedirectResponse
    {
        $resin = $this->desk->addResin($this->typed($request));

        return redirect(Piece::query()->exists() ? "/shelf?resin={$resin->id}" : '/pieces/new')->with('said', Person::of($request)->say(Message::of('said.on_shelf', name: $resin->name())));
    }

    public function changeResin(Request $request, Resin $resin): RedirectResponse
    {
        abort_if($resin->plan_id !== null, 404);
        [$typed, $edit] = $this->edited($request);
        $this->desk->changeResin($resin, $typed, $edit);
        $poured = Pour::query()->whereIn('coat_id', Coat::withTrashed()->where('resin_id', $resin->id)->select('id'))->count();

        return redirect('/shelf')->with('said', Person::of($request)->say(match ($poured) {
            0 => Message::of('said.saved'),
            1 => Message::of('said.saved_one_pour_keeps'),
            default => Message::of('said.saved_pours_keep', count: $poured),
        }));
    }

    public function takeResinAway(Request $request, Resin $resin): RedirectResponse
    {
        $this->desk->takeResinAway($resin);

        return redirect('/shelf')->with('said', Person::of($request)->say(Message::of('said.off_shelf', name: $resin->name())))->with('undo', "/shelf/resins/{$resin->id}/restore");
    }

    public function restoreResin(Request $request, Resin $resin): RedirectResponse
    {
        $resin->restore();

        return redirect('/shelf')->with('said', Person::of($request)->say(Message::of('said.back', name: $resin->name())));
    }

    /** One drop, twenty of which were weighed; nothing is saved. */
    public function oneMl(Request $request): JsonResponse
    {
        return response()->json(['ml' => $this->desk->oneMl($this->typed($request))]);
    }

    /** @return array{drop_ml: float, dip_ml: float, density_g_ml: float} */
    private static function counts(StudioCounts $counts): array
    {
        return ['drop_ml' => $counts->dropMl->value, 'dip_ml' => $counts->dipMl->value, 'density_g_ml' => Colourant::DENSITY_G_ML];
    }

    public function addSupply(Request $request, string $list): JsonResponse
    {
        return response()->json(self::supply($this->desk->addSupply($this->kind($list), $this->typed($request)), Arrival::of($request)));
    }

    public function addRecipeOfCup(Request $request): JsonResponse
    {
        return response()->json(self::supply($this->desk->addRecipeOfCup($this->typed($request)), Arrival::of($request)));
    }

    public function changeSupply(Request $request, Supply $supply): JsonResponse
    {
        [$typed, $edit] = $this->edited($request);
        $this->desk->changeSupply($supply, $typed, $edit);

        return response()->json(self::supply($supply->refresh(), Arrival::of($request)));
    }

    public function takeSupplyAway(Request $request, Supply $supply): RedirectResponse
    {
        $this->desk->takeSupplyAway($supply);

        return redirect('/shelf?tab='.$supply->kind->list())->with('said', Person::of($request)->say(Message::of('said.off_shelf', name: $supply->name())))->with('undo', "/shelf/supplies/{$supply->id}/restore");
    }

    public function restoreSupply(Request $request, Supply $supply): RedirectResponse
    {
        $supply->restore();

        return redirect('/shelf?tab='.$supply->kind->list())->with('said', Person::of($request)->say(Message::of('said.back', name: $supply->name())));
    }

    public function addLot(Request $request, Resin $resin, LotDesk $lots): JsonResponse
    {
        return response()->json(self::lot($lots->add($resin, $this->typed($request), $this->presses->ofForm(SentJson::of($request), Arrival::of($request), EventKind::Counted)), Arrival::of($request)));
    }

    public function changeLot(Request $request, Lot $lot, LotDesk $lots): JsonResponse
    {
        [$typed, $edit] = $this->edited($request);

        return response()->json(self::lot($lots->change($lot, $typed, $this->presses->ofForm(SentJson::of($request), Arrival::of($request), EventKind::Counted, $lot->subject), $edit), Arrival::of($request)));
    }

    public function takeLotAway(Request $request, Lot $lot, Bench $bench): RedirectResponse
    {
        $bench->write($this->presses->ofForm(SentJson::of($request), Arrival::of($request), EventKind::ThrownAway, $lot->subject), Person::of($request));

        return redirect('/shelf')->with('said', Person::of($request)->say(Message::of('said.lot_away', name: $lot->name)))->with('undo', "/shelf/lots/{$lot->id}/restore");
    }

    public function restoreLot(Request $request, Lot $lot, Bench $bench, Journal $journal): RedirectResponse
    {
        $away = LotRecord::of($journal->of($lot->subject))->thrownAway;
        if ($away !== null) {
            $pressed = $this->presses->ofForm(SentJson::of($request), Arrival::of($request), EventKind::Undone, $lot->subject);
            $bench->write($pressed->saying(Entry::from(['of' => $away->id])), Person::of($request));
        }

        return redirect('/shelf')->with('said', Person::of($request)->say(Message::of('said.lot_back', name: $lot->name)));
    }

    private function kind(string $list): SupplyKind
    {
        foreach (SupplyKind::cases() as $kind) {
            if ($kind->list() === $list) {
                return $kind;
            }
        }
        abort(404);
    }

    private function typed(Request $request): Entry
    {
        return $this->edited($request)[0];
    }

    /** @return array{Entry, Edit} what is typed, and by whom */
    private function edited(Request $request): array
    {
        $body = SentJson::of($request);
        $edit = Editing::by($request, $body);
        $body = $body->without('press', 'read');

        return [Typed::of($request, $body), $edit];
    }

    /** @return array<string, mixed> */
    private static function resin(Resin $resin, float $neededMl, Speaker $say, CarbonImmutable $now): array
    {
        $sheet = (new ResinReader)->saved($resin->sheet);
        $left = $resin->lots->sum(fn (Lot $lot): float => ($lot->left_a_ml ?? 0.0) + ($lot->left_b_ml ?? 0.0));
        $packs = array_map(floatval(...), array_filter((array) $resin->sheet->value('packs_ml'), is_numeric(...)));

        return [
            'id' => $resin->id,
            'read' => ['resin' => $resin->version],
            'name' => $resin->name(),
            'sheet' => $resin->sheet,
            'phases' => CoatAnswer::phases($sheet->labelPhases()),
            'doubts' => array_map($say->say(...), SheetCheck::doubts($sheet)),
            'silences' => array_map($say->say(...), SheetCheck::silences($sheet)),
            'needed_ml' => $neededMl,
            'left_ml' => (float) $left,
            'to_buy' => (object) Packs::of($neededMl - ((float) $left), array_values($packs)),
            'lots' => $resin->lots->map(static fn (Lot $lot): array => self::lot($lot, $now)),
        ];
    }

    /** @return array<string, mixed> */
    private static function lot(Lot $lot, CarbonImmutable $now): array
    {
        return [
            'id' => $lot->id,
            'read' => ['lot' => $lot->version],
            'name' => $lot->name,
            'opened_on' => $lot->opened_on?->format('Y-m-d'),
            'best_before' => $lot->best_before?->format('Y-m-d'),
            'past' => $lot->inCore()->isPast($now),
            'left_a_ml' => $lot->left_a_ml,
            'left_b_ml' => $lot->left_b_ml,
            'bought_ml' => $lot->bought_ml,
            'price' => $lot->price,
        ];
    }

    /** @return array<string, mixed> */
    private static function supply(Supply $supply, CarbonImmutable $now): array
    {
        $vessel = $supply->kind === SupplyKind::Vessel ? BatchReader::saved($supply->sheet) : null;

        return [
            'id' => $supply->id,
            'read' => ['supply' => $supply->version],
            'kind' => $supply->kind->value,
            'key' => $supply->key,
            'name' => $supply->name(),
            'sheet' => $supply->sheet,
            'flammable' => $supply->kind === SupplyKind::Colourant ? self::flammable($supply->sheet)->value : null,
            'past' => ShelfDesk::date($supply->sheet, 'best_before')?->isBefore($now->startOfDay()) ?? false,
            'vessel' => self::vessel($vessel),
            'counted' => self::counted($vessel, $now),
        ];
    }

    private static function flammable(Entry $sheet): Flammable
    {
        $form = Form::tryFrom($sheet->text('form') ?? '') ?? Form::Additive;

        return Flammable::tryFrom($sheet->text('flammable') ?? '') ?? $form->usuallyFlammable();
    }

    /** @return array<string, mixed>|null */
    private static function vessel(?VesselSheet $sheet): ?array
    {
        return $sheet === null ? null : ['height_mm' => $sheet->shape->heightMm, 'capacity_ml' => $sheet->shape->capacityMl(), 'stirrable_ml' => $sheet->shape->stirrableMl(), 'profile' => EveningAnswer::profile($sheet->shape)];
    }

    /** @return array{free: int, used_once: bool, back_h: float|null}|null null where nobody counts it */
    private static function counted(?VesselSheet $sheet, CarbonImmutable $now): ?array
    {
        $stock = $sheet === null ? null : VesselsAtHand::of([$sheet->id => $sheet], $now)->stock($sheet->id);

        return $stock === null ? null : ['free' => $stock->free, 'used_once' => $stock->sheet->isUsedOnce(), 'back_h' => $stock->nextMs === null ? null : ($stock->nextMs - Moment::ms($now)) / 3_600_000];
    }
}
