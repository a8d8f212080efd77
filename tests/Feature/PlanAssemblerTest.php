<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Plan;
use App\Models\Resin;
use App\PlanFile\Json;
use App\PlanFile\PlanFile;
use App\Planning\PlanAssembler;
use OpenGlaze\Core\Document\Entry;
use Tests\TestCase;

final class PlanAssemblerTest extends TestCase
{
    public function test_two_resins_of_one_id_stay_apart(): void
    {
        $coat = $this->autumnSky();
        $coat->piece->coats()->create([
            'plan_id' => $coat->plan_id,
            'resin_id' => Resin::query()->create(['plan_id' => $coat->plan_id, 'key' => 'bench', 'position' => 9, 'sheet' => $this->thickSheet()])->id,
            'key' => 'second', 'position' => 1,
            'spec' => Json::read('{"id": "second", "piece": "x", "resin": "bench", "size_by": {"thickness_mm": 1}}'),
        ]);
        $document = (new PlanAssembler)->whole(Plan::own());
        $plan = PlanFile::read(Json::file($document))->plan;
        self::assertCount(2, $plan->resins);
        [$first, $second] = $plan->coats;
        self::assertSame(1.1, $plan->resins[$first->resinId]->flow->viscosityPaS->value);
        self::assertSame(9.0, $plan->resins[$second->resinId]->flow->viscosityPaS->value);
        self::assertSame('bench', Resin::query()->where('position', 9)->firstOrFail()->sheet->value('id'), 'the row keeps its own');
    }

    private function thickSheet(): Entry
    {
        return Resin::query()->where('key', 'bench')->firstOrFail()->sheet->with('viscosity_pa_s', 9);
    }
}
