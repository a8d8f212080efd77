<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use App\Http\Presses;
use App\Models\Coat;
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

/** The demo with nothing on its bench but eleven boards whose resin stands mixed. */
final class ElevenBoards extends Seeder
{
    public const COUNT = 11;

    public function run(PieceDesk $pieces, PourDesk $pours, Presses $presses): void
    {
        $this->call(DatabaseSeeder::class);
        Pour::query()->update(['off_at' => CarbonImmutable::now()]);
        foreach (self::boards($pieces) as $coat) {
            $press = $presses->byStudio(EventKind::PourBegun, (string) Str::uuid(), CarbonImmutable::now());
            $pours->begin($coat->refresh(), Entry::from(['temperature_c' => 21, 'humidity_pct' => 50]), null, $press, new Person(UnitSystem::Metric));
        }
    }

    /** @return list<Coat> the coats of eleven boards that were taken in */
    public static function boards(PieceDesk $pieces): array
    {
        $spec = '{"name": "Moon board %d", "kind": "board", "outline": {"shape": "circle", "diameter_mm": 200}, "edge_depth_mm": 12, "coated_edges": "all", "surface": "sealed", "quantity": 1}';

        return array_map(static fn (int $board): Coat => $pieces->takeIn(Plan::own(), Json::read(sprintf($spec, $board), PieceEntry::class))->coats()->firstOrFail(), range(1, self::COUNT));
    }
}
