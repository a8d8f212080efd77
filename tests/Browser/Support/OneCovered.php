<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use App\Http\Presses;
use App\Journal\Bench;
use App\Models\Plan;
use App\Models\Pour;
use App\PlanFile\Json;
use App\Planning\PieceDesk;
use App\Pouring\PourDesk;
use App\Saying\Person;
use Carbon\CarbonImmutable;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Database\Seeder;
use Illuminate\Support\Str;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Document\PieceEntry;
use OpenGlaze\Core\Journal\EventKind;
use OpenGlaze\Core\Quantity\UnitSystem;

/** The demo with nothing on its bench but one tile that is passed over and lies under its cover, and the cups of the evening still to be mixed. */
final class OneCovered extends Seeder
{
    private const POURED_MIN_AGO = 40;

    public function run(PieceDesk $pieces, PourDesk $pours, Presses $presses, Bench $bench): void
    {
        $this->call(DatabaseSeeder::class);
        $now = CarbonImmutable::now();
        Pour::query()->update(['off_at' => $now]);
        $person = new Person(UnitSystem::Metric);
        $poured = $now->subMinutes(self::POURED_MIN_AGO);
        $spec = '{"name": "Hare tile", "kind": "tile", "outline": {"shape": "rectangle", "width_mm": 150, "height_mm": 150}, "edge_depth_mm": 8, "coated_edges": "none", "surface": "sealed", "quantity": 1}';
        $coat = $pieces->takeIn(Plan::own(), Json::read($spec, PieceEntry::class))->coats()->firstOrFail();
        $pour = $pours->begin($coat->refresh(), Entry::from(['temperature_c' => 21, 'humidity_pct' => 50]), null, $presses->byStudio(EventKind::PourBegun, (string) Str::uuid(), $poured->subMinutes(3)), $person);
        $bench->write($presses->byStudio(EventKind::Poured, $pour->id, $poured), $person);
        foreach (['pass-1' => 6, 'pass-2' => 14, 'look' => 38, 'cover' => 39] as $act => $min) {
            $bench->write($presses->byStudio(EventKind::ActDone, $pour->id, $poured->addMinutes($min), Entry::from(['act' => $act])), $person);
        }
    }
}
