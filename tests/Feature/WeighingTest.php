<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Coat;
use App\Models\Mixing;
use Database\Seeders\DatabaseSeeder;
use Tests\Support\MixesCups;
use Tests\TestCase;

/** What is put into a cup, as it is read, typed and mended: off a scale, by marks, by fills. */
final class WeighingTest extends TestCase
{
    use MixesCups;

    protected string $studio = DatabaseSeeder::class;

    public function test_more_than_twice_what_is_missing_is_asked_about_and_there_may_be_no_more_of_a_part(): void
    {
        $mixing = $this->begin(['tiles-base'], 'batch-1');
        $target = $this->getJson("/mixings/{$mixing->id}/state")->json('steps.0.target_g');
        self::assertSame('so_much', $this->refused($mixing->id, 'weighed', ['step' => 'a', 'grams' => 10 * $target]));
        self::assertSame('no_amount', $this->refused($mixing->id, 'weighed', ['step' => 'a', 'grams' => 0]));
        $state = $this->press($mixing->id, 'weighed', ['step' => 'a', 'grams' => 0.8 * $target]);
        self::assertSame('more_a_0', $state['next'], 'what is missing of the first is asked for');
        $state = $this->press($mixing->id, 'weighed', ['step' => 'more_a_0', 'grams' => 0]);
        self::assertSame('b', $state['next'], 'there is no more: the other follows what there is');
        $planned = $mixing->result();
        self::assertEqualsWithDelta(0.8 * $planned->value('b_g'), $state['steps'][2]['target_g'], 0.2);
        $sure = $this->press($mixing->id, 'weighed', ['step' => 'b', 'grams' => 3 * $state['steps'][2]['target_g'], 'sure' => true]);
        self::assertSame('more_a_1', $sure['next'], 'asked about it was, and it counts');
    }

    public function test_a_cup_that_is_half_weighed_says_that_its_plan_was_changed(): void
    {
        $coat = Coat::query()->where('key', 'winter-flood')->firstOrFail();
        $this->postJson("/coats/{$coat->id}/mixings")->assertRedirect();
        $mixing = Mixing::query()->latest('rowid')->firstOrFail();
        $now = fn (): ?float => $this->get("/mixings/{$mixing->id}")->assertOk()->viewData('page')['props']['takes_now_g'];
        $this->weighNext($mixing, 1.0);
        self::assertNull($now());
        $this->putJson("/coats/{$coat->id}", ['coat' => ['size_by' => ['thickness_mm' => 2.2]]])->assertOk();
        self::assertGreaterThan(1.2 * $mixing->result()->value('total_g'), $now());
        $coat->delete();
        self::assertNull($now(), 'nothing is planned any more that could differ');
    }

    public function test_in_one_marked_cup_what_is_read_is_all_that_stands_in_it(): void
    {
        $mixing = $this->beginBy(['by' => 'one_cup', 'graduation_ml' => 5]);
        $state = $this->press($mixing->id, 'weighed', ['step' => 'a', 'as_meant' => true]);
        $result = $mixing->result();
        self::assertEqualsWithDelta($result->value('shown.ml.total'), $state['steps'][1]['mark']['up_to_ml'], 1e-6);
        $state = $this->press($mixing->id, 'weighed', ['step' => 'b', 'written' => ($result->value('shown.ml.a') + 0.9 * $result->value('b_ml')).' ml', 'up_to' => true]);
        self::assertEqualsWithDelta(0.9 * $result->value('b_g'), $state['steps'][1]['got_g'], 1e-4);
    }

    public function test_a_pen_line_is_written_as_the_height_that_it_came_to(): void
    {
        $mixing = $this->beginBy(['by' => 'pen_lines'], ['cup_diameter_mm' => 80]);
        $state = $this->getJson("/mixings/{$mixing->id}/state")->json();
        $mm = $state['steps'][0]['mark']['up_to_mm'];
        self::assertEqualsWithDelta(1000 * $mixing->result()->value('a_ml') / (M_PI * 1600), $mm, 1e-6);
        $state = $this->press($mixing->id, 'weighed', ['step' => 'a', 'written' => ($mm + 1).' mm', 'up_to' => true]);
        self::assertEqualsWithDelta(($mm + 1) / $mm * $mixing->result()->value('a_g'), $state['steps'][0]['got_g'], 1e-4);
        self::assertSame('no_amount', $this->refused($mixing->id, 'weighed', ['step' => 'b', 'written' => '2 mm', 'up_to' => true]), 'below what stands in it already');
    }

    public function test_equal_fills_are_counted(): void
    {
        $mixing = $this->beginBy(['by' => 'fills', 'fill_ml' => 20, 'graduation_ml' => 1]);
        $first = $this->getJson("/mixings/{$mixing->id}/state")->json('steps.0.mark');
        self::assertLessThanOrEqual(20.0, $first['fill_ml']);
        self::assertEqualsWithDelta($mixing->result()->value('a_ml'), $first['fills'] * $first['fill_ml'], 1e-6);
        self::assertGreaterThan(0, $mixing->result()->value('ratio_error_pct.likely'));
        $state = $this->press($mixing->id, 'weighed', ['step' => 'a', 'written' => (string) ($first['fills'] + 1), 'up_to' => false]);
        self::assertEqualsWithDelta($mixing->result()->value('a_g') * ($first['fills'] + 1) / $first['fills'], $state['steps'][0]['got_g'], 1e-6, 'a bare number is so many fills, not grams');
    }

    public function test_past_the_mark_is_mended_and_the_rest_has_a_use(): void
    {
        $mixing = $this->begin(['tiles-base'], 'batch-1');
        $this->weighNext($mixing, 1.0);
        $state = $this->weighNext($mixing, 1.3);
        self::assertFalse($state['measured']);
        self::assertSame('more_a_1', $state['next']);
        $step = collect($state['steps'])->firstWhere('id', 'more_a_1');
        self::assertEqualsWithDelta(0.3 * $mixing->result()->value('a_g'), $step['target_g'], 0.1);
        $state = $this->weighNext($mixing, 1.0);
        self::assertTrue($state['measured']);
        self::assertEqualsWithDelta(0.0, $state['off_pct'], 0.4);
        self::assertEqualsWithDelta(0.3 * $mixing->result()->value('total_ml'), $state['surplus_ml'], 0.3);
        self::assertStringContainsString('more of Moon phases', $state['spares']);
    }

    public function test_the_wrong_part_first_and_a_reading_taken_back(): void
    {
        $mixing = $this->begin(['tiles-base'], 'batch-1');
        $b = $mixing->result()->value('b_g');
        $this->press($mixing->id, 'weighed', ['step' => 'a', 'grams' => $b]);
        $turned = $this->press($mixing->id, 'parts_turned');
        self::assertSame(['b', 'a'], array_slice(array_column($turned['steps'], 'id'), 0, 2));
        self::assertEqualsWithDelta($b, $turned['steps'][0]['got_g'], 1e-9);
        self::assertEqualsWithDelta($mixing->result()->value('a_g'), $turned['steps'][1]['target_g'], 0.06);
        $back = $this->press($mixing->id, 'undone', ['of' => $turned['last_reading']]);
        self::assertNull($back['steps'][0]['got_g']);
    }

    public function test_amounts_are_typed_as_people_have_them(): void
    {
        $mixing = $this->begin(['tiles-base'], 'batch-1');
        $density = $mixing->result()->value('a_g') / $mixing->result()->value('a_ml');
        $state = $this->press($mixing->id, 'weighed', ['step' => 'a', 'written' => '2 tbsp']);
        self::assertEqualsWithDelta(2 * 14.78676478125 * $density, $state['steps'][0]['got_g'], 1e-6);
        foreach (['', 'much', '-3', '0'] as $wrong) {
            self::assertSame('no_amount', $this->refused($mixing->id, 'weighed', ['step' => 'b', 'written' => $wrong]));
        }
        self::assertSame('weighed_already', $this->refused($mixing->id, 'weighed', ['step' => 'a', 'grams' => 5]));
        self::assertNull(Mixing::query()->firstOrFail()->weighed->value('got.b') ?? null, 'nothing wrong was kept');
    }

    private function beginBy(array $measure, array $fields = []): Mixing
    {
        $batch = $this->postJson('/plans/1/evening/propose', ['coats' => ['tiles-base']])->json('batches.0');
        unset($batch['vessel']);
        $this->putJson('/plans/1/evening', ['batches' => [[...$batch, ...$fields, 'measure' => $measure]]])->assertOk();
        $this->postJson("/plans/1/batches/{$batch['id']}/mixings")->assertRedirect();

        return Mixing::query()->latest('rowid')->firstOrFail();
    }
}
