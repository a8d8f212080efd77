<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Editing\Edit;
use App\Http\Presses;
use App\Journal\Bench;
use App\Mixing\CupChooser;
use App\Mixing\EveningDesk;
use App\Models\Coat;
use App\Models\Piece;
use App\Models\Plan;
use App\Models\Pour;
use App\Models\Resin;
use App\Models\Supply;
use App\Models\SupplyKind;
use App\Photos\PhotoStore;
use App\PlanFile\Json;
use App\Planning\PieceDesk;
use App\Planning\RoomDesk;
use App\Planning\StackDesk;
use App\Pouring\PourDesk;
use App\Pouring\RanOff;
use App\Saying\Person;
use App\Stock\LotDesk;
use Carbon\CarbonImmutable;
use Illuminate\Database\Seeder;
use Illuminate\Support\Str;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Document\PieceEntry;
use OpenGlaze\Core\Document\PlanDocument;
use OpenGlaze\Core\Journal\EventKind;
use OpenGlaze\Core\Journal\Known;
use OpenGlaze\Core\Plan\CoatKind;
use OpenGlaze\Core\Quantity\UnitSystem;

/** Halfmoon Bench, a made-up studio, on the day it is loaded: something wet, something tacky with its window open, a past. */
final class DemoSeeder extends Seeder
{
    private const COMMISSION = __DIR__.'/../demo/tea-room.json';

    /** Boards to try things on, beside the commission. */
    private const TRIALS = [
        'study' => ['{"name": "Moon study", "kind": "board", "outline": {"shape": "circle", "diameter_mm": 300}, "edge_depth_mm": 12, "coated_edges": "all", "surface": "sealed", "quantity": 1}', 1.5],
        'ridge' => ['{"name": "Ridge, trial boards", "kind": "board", "outline": {"shape": "rectangle", "width_mm": 300, "height_mm": 200}, "edge_depth_mm": 10, "coated_edges": "all", "surface": "raw_ply", "quantity": 3}', 1.2],
        'casting' => ['{"name": "Moon casting", "kind": "casting", "outline": {"shape": "circle", "diameter_mm": 120}, "surface": "sealed", "quantity": 2, "recess_mm": 8, "face_down": true, "release": "wax mist"}', 3.0],
    ];

    private const SHELF = __DIR__.'/../demo/shelf.json';

    /** What lies below tonight's coats: it was poured yesterday. */
    private const YESTERDAY = ['prints-seal', 'pendants-base'];

    private const TONIGHT = ['prints-flood', 'tiles-base', 'spares-base', 'pendants-dome'];

    private const TEMPLATE = 'Our tiles';

    /** piece, days ago, °C, used beside planned, note; and an act that went otherwise than planned: min late, null for missed */
    private const PAST = [
        ['study', 148, 22.0, 1.02, 'First try of the flood coat. Flat, no drips left after the third wipe.'],
        ['study', 121, 20.5, 1.00, 'Dust. The door stood open; cover ready next time.'],
        ['ridge', 96, 19.0, 1.09, 'Sealed only once: bubbles for an hour out of the ply.', ['look', null]],
        ['ridge', 83, 21.0, 0.99, 'Fisheyes at one corner, wiped with the wrong cloth. Silicone?'],
        ['winter', 60, 21.5, 0.97, 'Even all over. A scarred spot upper left: the torch stood still.'],
        ['comet', 34, 22.0, 1.04, 'Ribbons from the middle. Drips at the lower rim, last wipe came too soon.', ['wipe-3', -14]],
        ['study', 19, 18.0, 1.00, 'A soft corner that never hardened: the cup wall went in with the last of it.'],
        ['winter', 6, 21.0, 0.98, 'Sanded and flooded once more. The scar is gone.'],
    ];

    public function __construct(
        private readonly PieceDesk $pieces,
        private readonly StackDesk $stacks,
        private readonly PourDesk $pours,
        private readonly PhotoStore $photos,
        private readonly RoomDesk $room,
        private readonly EveningDesk $evenings,
        private readonly CupChooser $cups,
        private readonly LotDesk $lots,
        private readonly Bench $bench,
        private readonly Presses $presses,
    ) {
    }

    public function run(): void
    {
        $plan = Plan::own();
        $this->room->change($plan, 'Halfmoon Bench', Entry::from(['temperature_c' => 21, 'humidity_pct' => 50, 'slope_mm_per_m' => 0, 'margin_pct' => 5, 'measure_by' => 'scale']), Edit::byStudio(CarbonImmutable::now()));
        $this->commission($plan);
        $coats = Coat::query()->with(['piece.plan', 'resin'])->whereIn('key', ['autumn-flood', 'winter-flood', 'comet-flood'])->get()
            ->mapWithKeys(fn (Coat $coat): array => [(string) strstr($coat->key, '-', true) => $coat])->all();
        foreach (self::TRIALS as $key => [$spec, $mm]) {
            $coats[$key] = $this->trial($plan, $spec, $mm);
        }
        $this->stacks->add($coats['casting']->piece, CoatKind::Layer);
        $this->stacks->add($coats['casting']->piece, CoatKind::Back);
        $this->stacks->keep(Piece::query()->where('key', 'tiles')->firstOrFail(), self::TEMPLATE);
        foreach (self::PAST as $index => $past) {
            $this->past($coats[$past[0]], $past[1], $past[2], $past[3], $past[4], $index, $past[5] ?? null);
        }
        $this->shelf();
        foreach (Coat::query()->with(['piece.plan', 'resin'])->whereIn('key', self::YESTERDAY)->get() as $coat) {
            $this->yesterday($coat);
        }
        $this->evenings->save($plan->refresh(), $this->cups->propose($plan, self::TONIGHT, CarbonImmutable::now())[0], Edit::byStudio(CarbonImmutable::now()));
        $this->running($coats['autumn'], minutesAgo: 9.0, done: 1);
        $this->running($coats['study'], minutesAgo: 60 * 6.5, done: 99);
    }

    /** The Parallax Tea Room: its resins go on the shelf, its pieces and their stacks into the studio's own plan. */
    private function commission(Plan $plan): void
    {
        $document = Json::read((string) file_get_contents(self::COMMISSION), PlanDocument::class);
        $resins = Resin::query()->whereNull('plan_id')->get()->keyBy('key');
        foreach ($document->resins() as $position => $sheet) {
            if (! $resins->has((string) $sheet->text('id'))) {
                $resins->put((string) $sheet->text('id'), Resin::query()->create(['key' => $sheet->text('id'), 'position' => $position, 'sheet' => $sheet]));
            }
        }
        $pieces = [];
        foreach ($document->pieces() as $position => $spec) {
            $pieces[(string) $spec->text('id')] = Piece::query()->create(['plan_id' => $plan->id, 'key' => $spec->text('id'), 'position' => $position, 'spec' => $spec]);
        }
        foreach ($document->coats() as $position => $spec) {
            Coat::query()->create([
                'plan_id' => $plan->id,
                'piece_id' => $pieces[(string) $spec->text('piece')]->id,
                'resin_id' => $resins->get((string) $spec->text('resin'))?->id,
                'key' => $spec->text('id'),
                'position' => $position,
                'spec' => $spec,
            ]);
        }
    }

    /** Vessels, colourants, recipes, and the bottles that are open. */
    private function shelf(): void
    {
        $shelf = Json::read((string) file_get_contents(self::SHELF));
        foreach (SupplyKind::cases() as $kind) {
            foreach ($shelf->entries($kind->list()) as $position => $sheet) {
                Supply::query()->create(['kind' => $kind, 'key' => $sheet->text('id'), 'position' => $position, 'sheet' => $sheet]);
            }
        }
        $today = CarbonImmutable::now()->startOfDay();
        foreach ($shelf->entries('lots') as $lot) {
            $day = static fn (?float $days): ?string => $days === null ? null : $today->addDays((int) $days)->format('Y-m-d');
            $opened = $lot->number('opened_days');
            $this->lots->add(Resin::query()->whereNull('plan_id')->where('key', $lot->text('resin'))->firstOrFail(), Entry::from([
                'name' => $lot->text('name'),
                'opened_on' => $day($opened === null ? null : -$opened),
                'best_before' => $day($lot->number('best_days')),
                'left_a_ml' => $lot->number('left_a_ml'),
                'left_b_ml' => $lot->number('left_b_ml'),
                'bought_ml' => $lot->number('bought_ml'),
                'price' => $lot->number('price'),
            ]), $this->presses->byStudio(EventKind::Counted, (string) Str::uuid(), $today));
        }
    }

    private function yesterday(Coat $coat): void
    {
        $start = CarbonImmutable::now()->subHours(28);
        $pour = $this->begin($coat, $start, 21, 50);
        $this->press($pour, EventKind::Poured, $start->addMinutes(7));
        $this->act($pour, 99, 0);
        $this->press($pour, EventKind::Took, $start->addHours(3), ['a' => $this->weighed($pour, 'a_ml', 1.0), 'b' => $this->weighed($pour, 'b_ml', 1.0)]);
    }

    private function trial(Plan $plan, string $spec, float $mm): Coat
    {
        $coat = $this->pieces->takeIn($plan->refresh(), Json::read($spec, PieceEntry::class))->coats()->firstOrFail();
        $coat->update(['spec' => $coat->spec->with('size_by.thickness_mm', $mm)]);

        return $coat;
    }

    /** @param  array{string, int|null}|null  $otherwise */
    private function past(Coat $coat, int $daysAgo, float $celsius, float $share, string $note, int $index, ?array $otherwise): void
    {
        $start = CarbonImmutable::now()->startOfDay()->subDays($daysAgo)->setTime(17, 40 + $index);
        $pour = $this->begin($coat->refresh(), $start, $celsius, 48 + $index);
        $this->press($pour, EventKind::Poured, $start->addMinutes(8));
        $this->act($pour, 99, $index, $otherwise);
        $this->press($pour, EventKind::Took, $start->addHours(15), [
            'a' => $this->weighed($pour, 'a_ml', $share), 'b' => $this->weighed($pour, 'b_ml', $share),
            'note' => $note, 'photo' => $this->photos->keepJpeg(DemoPhoto::jpeg($coat->piece->spec, $index)),
            ...$this->tray($pour, $index),
        ]);
        $this->press($pour, EventKind::TakenOff, $start->addHours(40));
    }

    /** @return array{tray_g?: float} what was weighed below every other piece that something ran off */
    private function tray(Pour $pour, int $index): array
    {
        $said = RanOff::said($pour)['g'] ?? null;

        return $said === null || $said < 20 || $index % 2 > 0 ? [] : ['tray_g' => round($said * (0.78 + 0.03 * $index))];
    }

    private function running(Coat $coat, float $minutesAgo, int $done): void
    {
        $pouredAt = CarbonImmutable::now()->subSeconds((int) ($minutesAgo * 60));
        $pour = $this->begin($coat->refresh(), $pouredAt->subMinutes(6), 21, 50);
        $this->press($pour, EventKind::Poured, $pouredAt);
        $this->act($pour, $done, 0);
    }

    private function begin(Coat $coat, CarbonImmutable $at, float $celsius, int $humidity): Pour
    {
        $room = Entry::from(['temperature_c' => $celsius, 'humidity_pct' => $humidity]);

        return $this->pours->begin($coat, $room, null, $this->presses->byStudio(EventKind::PourBegun, (string) Str::uuid(), $at), new Person(UnitSystem::Metric));
    }

    /**
     * Its first acts, each so many minutes after it was due at most.
     *
     * @param  array{string, int|null}|null  $otherwise  one that went otherwise
     */
    private function act(Pour $pour, int $most, int $lateMin, ?array $otherwise = null): void
    {
        $pour->refresh();
        foreach (array_slice($pour->schedule->entries('acts'), 0, $most) as $index => $act) {
            $due = ($pour->poured_at ?? $pour->started_at)->addSeconds((int) (60 * ($act->number('due_min') ?? 0.0)) + 20);
            $id = $act->text('id');
            $late = $otherwise !== null && $otherwise[0] === $id ? $otherwise[1] : ($lateMin + $index) % 3;
            if ($late !== null) {
                $this->press($pour, EventKind::ActDone, $due->addMinutes($late), ['act' => $id]);
            }
        }
    }

    /** @param  array<string, mixed>  $facts */
    private function press(Pour $pour, EventKind $kind, CarbonImmutable $at, array $facts = []): void
    {
        $this->bench->write($this->presses->byStudio($kind, $pour->id, $at, Entry::from($facts)), new Person(UnitSystem::Metric));
    }

    private function weighed(Pour $pour, string $part, float $share): Entry
    {
        return Entry::from(['ml' => round(($pour->result()->mix()->number($part) ?? 0.0) * $share, 1), 'how' => Known::Weighed->value]);
    }
}
