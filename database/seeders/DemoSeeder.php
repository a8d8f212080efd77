<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Coat;
use App\Models\Piece;
use App\Models\Plan;
use App\Models\Pour;
use App\Models\Resin;
use App\Photos\PhotoStore;
use App\PlanFile\Dig;
use App\PlanFile\Json;
use App\Planning\CoatChanges;
use App\Planning\CoatDesk;
use App\Planning\PieceDesk;
use App\Planning\RoomDesk;
use App\Planning\TypedFields;
use App\Pouring\PourDesk;
use App\Pouring\Used;
use Carbon\CarbonImmutable;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use OpenGlaze\Core\Quantity\UnitSystem;

/** Halfmoon Bench, a made-up studio, on the day it is loaded: something wet, something tacky with its window open, a past. */
final class DemoSeeder extends Seeder
{
    private const PIECES = [
        'autumn' => '{"name": "Autumn sky", "kind": "canvas", "outline": {"shape": "rectangle", "width_mm": 620, "height_mm": 410}, "edge_depth_mm": 36, "coated_edges": "all", "edge_turn": "square", "surface": "primed_canvas", "quantity": 1}',
        'winter' => '{"name": "Winter sky", "kind": "canvas", "outline": {"shape": "rectangle", "width_mm": 620, "height_mm": 410}, "edge_depth_mm": 36, "coated_edges": "all", "edge_turn": "square", "surface": "primed_canvas", "quantity": 1}',
        'comet' => '{"name": "Comet over the ridge", "kind": "canvas", "outline": {"shape": "circle", "diameter_mm": 900}, "edge_depth_mm": 38, "coated_edges": "all", "edge_turn": "square", "surface": "primed_canvas", "quantity": 1}',
        'study' => '{"name": "Moon study", "kind": "board", "outline": {"shape": "circle", "diameter_mm": 300}, "edge_depth_mm": 12, "coated_edges": "all", "surface": "sealed", "quantity": 1}',
        'ridge' => '{"name": "Ridge, trial boards", "kind": "board", "outline": {"shape": "rectangle", "width_mm": 300, "height_mm": 200}, "edge_depth_mm": 10, "coated_edges": "all", "surface": "raw_ply", "quantity": 3}',
    ];

    /** piece, days ago, °C, used beside planned, note */
    private const PAST = [
        ['study', 148, 22.0, 1.02, 'First try of the flood coat. Flat, no drips left after the third wipe.'],
        ['study', 121, 20.5, 1.00, 'Dust. The door stood open; cover ready next time.'],
        ['ridge', 96, 19.0, 1.09, 'Sealed only once: bubbles for an hour out of the ply.'],
        ['ridge', 83, 21.0, 0.99, 'Fisheyes at one corner, wiped with the wrong cloth. Silicone?'],
        ['winter', 60, 21.5, 0.97, 'Even all over. A scarred spot upper left: the torch stood still.'],
        ['comet', 34, 22.0, 1.04, 'Ribbons from the middle. Drips at the lower rim, last wipe came too soon.'],
        ['study', 19, 18.0, 1.00, 'A soft corner that never hardened: the cup wall went in with the last of it.'],
        ['winter', 6, 21.0, 0.98, 'Sanded and flooded once more. The scar is gone.'],
    ];

    public function __construct(
        private readonly PieceDesk $pieces,
        private readonly CoatDesk $coats,
        private readonly PourDesk $pours,
        private readonly PhotoStore $photos,
        private readonly RoomDesk $room,
    ) {
    }

    public function run(): void
    {
        $plan = Plan::own();
        $this->room->change($plan, 'Halfmoon Bench', (object) ['temperature_c' => 21, 'humidity_pct' => 50, 'slope_mm_per_m' => 0, 'margin_pct' => 5]);
        $coats = [];
        foreach (self::PIECES as $key => $spec) {
            $piece = $this->pieces->takeIn($plan->refresh(), Json::object($spec));
            $coats[$key] = $this->coatOf($piece, $key);
        }
        foreach (self::PAST as $index => [$key, $daysAgo, $celsius, $share, $note]) {
            $this->past($coats[$key], $daysAgo, $celsius, $share, $note, $index);
        }
        $this->running($coats['autumn'], minutesAgo: 9.0, done: 1);
        $this->running($coats['study'], minutesAgo: 60 * 6.5, done: 99);
    }

    /** The canvases' cups were weighed; for the others the estimate does. */
    private function coatOf(Piece $piece, string $key): Coat
    {
        $coat = $piece->coats()->firstOrFail();
        $changes = match ($key) {
            'autumn', 'winter' => '{"coat": {"edge_film_mm": 0.25, "runoff_pct": 10, "cups": 1, "residue_ml_per_cup": 3}}',
            'comet' => '{"coat": {"size_by": {"thickness_mm": 1.8}, "cups": 3}}',
            'ridge' => '{"coat": {"size_by": {"thickness_mm": 1.2}}}',
            default => '{"coat": {"size_by": {"thickness_mm": 1.5}}}',
        };
        $this->coats->save($coat, CoatChanges::typed(Json::object($changes), new TypedFields(UnitSystem::Metric)), UnitSystem::Metric);
        if ($key === 'comet') {
            $coat->update(['resin_id' => Resin::query()->where('key', 'even')->firstOrFail()->id]);
        }

        return $coat;
    }

    private function past(Coat $coat, int $daysAgo, float $celsius, float $share, string $note, int $index): void
    {
        $start = CarbonImmutable::now()->startOfDay()->subDays($daysAgo)->setTime(17, 40 + $index);
        $pour = $this->at($start, fn (): Pour => $this->pours->start($coat->refresh(), (object) ['temperature_c' => $celsius, 'humidity_pct' => 48 + $index], null, UnitSystem::Metric));
        $this->at($start->addMinutes(8), fn () => $this->pours->poured($pour, null, UnitSystem::Metric));
        foreach ($pour->acts()->get() as $act) {
            $this->at($start->addMinutes(8 + (int) $act->due_min + $index % 3), fn () => $this->pours->tick($act, $pour->refresh(), null));
        }
        $this->at($start->addHours(15), fn () => $this->pours->finish(
            $pour,
            new Used($this->share($pour, 'a_ml', $share), $this->share($pour, 'b_ml', $share)),
            $note,
            $this->photos->keepJpeg(DemoPhoto::jpeg($coat->piece->spec, $index)),
        ));
    }

    private function share(Pour $pour, string $part, float $share): float
    {
        return round((Dig::float($pour->result, 'coat.mix.'.$part) ?? 0.0) * $share, 1);
    }

    private function running(Coat $coat, float $minutesAgo, int $done): void
    {
        $pouredAt = CarbonImmutable::now()->subSeconds((int) ($minutesAgo * 60));
        $pour = $this->at($pouredAt->subMinutes(6), fn (): Pour => $this->pours->start($coat->refresh(), (object) ['temperature_c' => 21, 'humidity_pct' => 50], null, UnitSystem::Metric));
        $this->at($pouredAt, fn () => $this->pours->poured($pour, null, UnitSystem::Metric));
        foreach ($pour->acts()->limit($done)->get() as $act) {
            $this->at($pouredAt->addSeconds((int) ($act->due_min * 60) + 20), fn () => $this->pours->tick($act, $pour->refresh(), null));
        }
    }

    /**
     * @template T
     *
     * @param  callable(): T  $do
     * @return T
     */
    private function at(CarbonImmutable $moment, callable $do): mixed
    {
        Carbon::setTestNow($moment);
        CarbonImmutable::setTestNow($moment);
        try {
            return $do();
        } finally {
            Carbon::setTestNow();
            CarbonImmutable::setTestNow();
        }
    }
}
