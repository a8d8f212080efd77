<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Batch;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Answer\Planner;
use OpenGlaze\Core\Batch\BatchPlanner;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Batch\ColourShare;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Film\HeatTool;
use OpenGlaze\Core\Judging\BatchAdvisor;
use OpenGlaze\Core\Judging\CoatAdvisor;
use OpenGlaze\Core\Plan\Fault;
use OpenGlaze\Core\Plan\PlanException;
use OpenGlaze\Core\Reading\PlanReader;
use OpenGlaze\Core\Steps\StepList;
use OpenGlaze\Core\Tests\Support\English;
use OpenGlaze\Core\Tests\Support\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use stdClass;

final class ColourTest extends TestCase
{
    private const COLOURANTS = <<<'JSON'
    [
        { "id": "blue", "name": "Night blue", "form": "paste", "density_g_ml": 1.4, "flammable": "no", "colour": "#1d2f6f" },
        { "id": "white", "form": "paste", "density_g_ml": 1.6, "flammable": "no", "colour": "#f6f5f0", "drop_ml": 0.04 },
        { "id": "black", "form": "ink", "flammable": "yes", "colour": "#111111" },
        { "id": "amber", "form": "tint", "watery": true, "flammable": "no", "colour": "#b8690f", "finish": "translucent", "limit_pct": 2 },
        { "id": "mica", "form": "powder", "density_g_ml": 2.8, "colour": "#b58a3a", "finish": "metallic", "scoop_ml": 0.15 },
        { "id": "sand", "form": "sand", "density_g_ml": 2.6 },
        { "id": "cells", "form": "oil", "flammable": "no" },
        { "id": "mystery", "form": "additive" }
    ]
    JSON;

    public function test_a_recipe_is_scaled_to_each_cup_and_nothing_is_rounded_away(): void
    {
        $batch = self::batch(
            [['recipe' => 'night', 'share_pct' => 60], ['recipe' => 'night', 'share_pct' => 0.1, 'name' => 'a speck']],
            [['id' => 'night', 'per_ml' => 50, 'doses' => [['colourant' => 'blue', 'drops' => 4], ['colourant' => 'white', 'g' => 0.8], ['colourant' => 'mica', 'scoops' => 1]]]],
        );
        $speck = self::named($batch, 'a speck');
        $large = self::named($batch, 'night');
        foreach ([$speck, $large] as $share) {
            self::assertEqualsWithDelta([$share->resinMl / 50 * 4, $share->resinMl / 50 * 0.8, $share->resinMl / 50], array_column($share->doses, 'amount'), 1e-9);
            self::assertEqualsWithDelta(100 * (4 * 0.05 + 0.8 / 1.6 + 0.15) / 50, $share->colourantPct(), 1e-9);
        }
        self::assertGreaterThan(0, $speck->doses[0]->ml());
        self::assertEqualsWithDelta($batch->mixed->portions->totalMl() * 0.6, $large->resinMl, 1e-9);
        self::assertEqualsWithDelta($batch->mixed->portions->totalMl(), $batch->clearMl() + $speck->resinMl + $large->resinMl, 1e-9);
    }

    public function test_each_colour_cup_costs_minutes_and_resin(): void
    {
        $cup = static fn (int $number): array => ['name' => "c$number", 'share_pct' => 20, 'doses' => [['colourant' => 'blue', 'ml' => 0.5]]];
        $last = self::batch([]);
        foreach ([1, 2, 3, 4] as $count) {
            $batch = self::batch(array_map($cup, range(1, $count)));
            self::assertEqualsWithDelta(3 * $count, $batch->colouringMin(), 1e-9);
            self::assertEqualsWithDelta($last->standing->emptiedMin + 3, $batch->standing->emptiedMin, 1e-9);
            self::assertGreaterThan($last->mixed->residueMl, $batch->mixed->residueMl);
            self::assertGreaterThan($last->mixed->portions->totalMl(), $batch->mixed->portions->totalMl());
            $last = $batch;
        }
    }

    public function test_eleven_cups_keep_more_than_one(): void
    {
        $split = static fn (int $small): float => self::named(self::batch([['name' => 'ring', 'share_pct' => 40, 'small_cups' => $small, 'reserve_pct' => 10, 'doses' => [['colourant' => 'blue', 'ml' => 1]]]]), 'ring')->residueMl;
        self::assertGreaterThan($split(1), $split(11));
        $share = self::named(self::batch([['name' => 'ring', 'share_pct' => 40, 'small_cups' => 8, 'reserve_pct' => 10, 'doses' => []]]), 'ring');
        self::assertEqualsWithDelta($share->resinMl, 8 * (float) $share->smallCupMl + $share->reserveMl, 1e-9);
    }

    /** @return iterable<string, array{list<array<string, mixed>>, string, string, string}> */
    public static function advised(): iterable
    {
        $cup = static fn (string $colourant, float $ml, float $share = 50): array => ['name' => $colourant, 'share_pct' => $share, 'per_ml' => 100, 'doses' => [['colourant' => $colourant, 'ml' => $ml]]];
        yield 'colour past the label' => [[$cup('blue', 6.1)], 'colour_over_limit', 'stop', '6.1 % colour'];
        yield 'watery colour' => [[[...$cup('amber', 1.9), 'doses' => [['colourant' => 'amber', 'ml' => 1.9], ['colourant' => 'amber', 'ml' => 1.2]]]], 'colour_over_limit', 'stop', 'watery'];
        yield 'its own limit' => [[$cup('amber', 2.1)], 'colour_over_limit', 'stop', 'its label allows 2 %'];
        yield 'filler past its maker' => [[$cup('sand', 21)], 'filler_over_limit', 'caution', '21 %'];
        yield 'ink burns' => [[$cup('black', 1)], 'no_flame', 'caution', 'black is flammable'];
        yield 'nobody knows what it is' => [[$cup('mystery', 1)], 'no_flame', 'caution', 'may be flammable'];
        yield 'grains settle' => [[$cup('mica', 1)], 'stir_again', 'note', 'once more'];
        yield 'oil in some' => [[$cup('cells', 0.5), $cup('blue', 1, 40)], 'oil_film', 'note', 'no window'];
        yield 'oil in all' => [[$cup('cells', 0.5, 100)], 'oil_in_every_cup', 'caution', 'mud'];
        yield 'more than there is' => [[['name' => 'all', 'ml' => 900, 'doses' => []]], 'colours_over_batch', 'stop', '900 ml'];
    }

    /** @param  list<array<string, mixed>>  $colours */
    #[DataProvider('advised')]
    public function test_what_is_wrong_with_a_colour_is_said(array $colours, string $code, string $level, string $words): void
    {
        $found = array_values(array_filter(BatchAdvisor::advise(self::batch($colours)), static fn (Advice $one): bool => $one->code === $code));
        self::assertNotEmpty($found);
        self::assertSame($level, $found[0]->level->value);
        self::assertStringContainsString($words, English::say($found[0]->said));
    }

    public function test_a_sound_colour_is_let_be(): void
    {
        $codes = array_column(BatchAdvisor::advise(self::batch([['name' => 'sky', 'share_pct' => 50, 'per_ml' => 100, 'doses' => [['colourant' => 'blue', 'ml' => 6], ['colourant' => 'sand', 'ml' => 10]]]])), 'code');
        foreach (['colour_over_limit', 'filler_over_limit', 'no_flame', 'oil_film', 'colours_over_batch'] as $code) {
            self::assertNotContains($code, $codes);
        }
    }

    public function test_what_burns_is_known_by_a_recipes_name_before_the_coat_is_in_any_cup(): void
    {
        $plan = static fn (string $colour): CoatResult => Plans::computed([
            '/colourants' => [(object) ['id' => 'black', 'form' => 'ink', 'flammable' => 'yes']],
            '/recipes' => [(object) ['id' => 'soot', 'name' => 'Soot black', 'doses' => [(object) ['colourant' => 'black', 'drops' => 2]]]],
            '/coats/0/parts' => [(object) ['colour' => $colour, 'share_pct' => 100]],
        ]);
        self::assertSame(HeatTool::Breath, $plan(' soot BLACK')->film->torch->tool);
        self::assertSame(HeatTool::Flame, $plan('night blue')->film->torch->tool);
    }

    public function test_what_burns_and_what_is_oily_travels_into_the_film(): void
    {
        $coats = static fn (array $colours): array => self::coats($colours);
        [$plain, $next] = $coats([['name' => 'sky', 'share_pct' => 50, 'doses' => [['colourant' => 'blue', 'ml' => 1]]]]);
        self::assertSame(HeatTool::Flame, $plain->film->torch->tool);
        self::assertNotContains('degrease', self::stepsOf($next));

        [$inked, $next] = $coats([['name' => 'soot', 'share_pct' => 5, 'doses' => [['colourant' => 'black', 'drops' => 2]]]]);
        self::assertSame(HeatTool::Breath, $inked->film->torch->tool, 'a heat gun lights its vapours too');
        self::assertSame([null, $inked->windows->recoatFromH], [$plain->vapoursUntilH(), $inked->vapoursUntilH()]);
        self::assertContains('no_flame', array_column(CoatAdvisor::advise($inked), 'code'));
        self::assertSame(HeatTool::Flame, $next->film->torch->tool, 'only the coat that it is in');

        [$oily, $next] = $coats([['name' => 'cells', 'share_pct' => 5, 'doses' => [['colourant' => 'cells', 'drops' => 2]]]]);
        self::assertSame(HeatTool::Flame, $oily->film->torch->tool);
        self::assertContains('degrease', self::stepsOf($next), 'the next coat is after oil');

        [$elsewhere] = $coats([['name' => 'soot', 'share_pct' => 5, 'coats' => [], 'doses' => [['colourant' => 'black', 'drops' => 2]]]]);
        self::assertSame(HeatTool::Flame, $elsewhere->film->torch->tool, 'a cup that is not poured on it');
    }

    public function test_light_is_coloured_before_dark_and_oil_last(): void
    {
        $cup = static fn (string $colourant, float $ml): array => ['name' => $colourant, 'share_pct' => 20, 'per_ml' => 100, 'doses' => [['colourant' => $colourant, 'ml' => $ml]]];
        $batch = self::batch([$cup('cells', 1), $cup('black', 4), $cup('white', 4), $cup('blue', 4)]);
        self::assertSame(['white', 'blue', 'black', 'cells'], array_map(static fn (ColourShare $share): string => $share->cup->name, $batch->coloured->shares));
    }

    public function test_a_swatch_is_seen_over_what_lies_below(): void
    {
        $plan = self::plan([]);
        $plan->batches = [
            (object) ['id' => 'base', 'coats' => ['flood'], 'colours' => [(object) ['name' => 'ground', 'share_pct' => 100, 'per_ml' => 100, 'doses' => [(object) ['colourant' => 'blue', 'ml' => 6]]]]],
            (object) ['id' => 'tea', 'coats' => ['top'], 'colours' => [(object) ['name' => 'tea', 'share_pct' => 100, 'per_ml' => 100, 'doses' => [(object) ['colourant' => 'amber', 'ml' => 1]]]]],
        ];
        [$base, $tea] = self::computed($plan);
        self::assertSame($base->coloured->swatches[0]->seen->colour(), $tea->coloured->swatches[0]->ground->colour());
        self::assertLessThan($tea->coloured->swatches[0]->ground->lightness(), $tea->coloured->swatches[0]->seen->lightness());
        self::assertGreaterThan(0.7, $base->coloured->swatches[0]->ground->lightness(), 'primed canvas');
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function refused(): iterable
    {
        $dose = ['colourant' => 'blue', 'ml' => 1];
        yield 'an unknown colourant' => [['share_pct' => 10, 'doses' => [(object) ['colourant' => 'pink', 'ml' => 1]]], '/doses/0/colourant', 'no colourant "pink"'];
        yield 'two amounts' => [['share_pct' => 10, 'doses' => [(object) [...$dose, 'g' => 1]]], '/doses/0', 'one of ml, g'];
        yield 'a scoop of no size' => [['share_pct' => 10, 'doses' => [(object) ['colourant' => 'blue', 'scoops' => 1]]], '/doses/0/scoops', 'scoop_ml'];
        yield 'neither share nor ml' => [['doses' => []], '/share_pct', 'missing'];
        yield 'share and ml' => [['share_pct' => 10, 'ml' => 5, 'doses' => []], '/share_pct', 'not both'];
        yield 'an unknown recipe' => [['share_pct' => 10, 'recipe' => 'dawn'], '/recipe', 'no recipe "dawn"'];
        yield 'a coat that is not in it' => [['share_pct' => 10, 'doses' => [], 'coats' => ['top']], '/coats/0', 'not in the batch'];
    }

    /** @param  array<string, mixed>  $cup */
    #[DataProvider('refused')]
    public function test_a_cup_that_makes_no_sense_is_refused_by_name(array $cup, string $pointer, string $words): void
    {
        $plan = self::plan([]);
        $plan->batches = [(object) ['id' => 'b', 'coats' => ['flood'], 'colours' => [(object) $cup]]];
        try {
            self::computed($plan);
            self::fail('It was taken.');
        } catch (PlanException $exception) {
            $sentences = array_column(array_map(static fn (Fault $fault): array => [$fault->pointer, English::say($fault->said)], $exception->faults), 1, 0);
            self::assertArrayHasKey("/batches/0/colours/0$pointer", $sentences);
            self::assertStringContainsString($words, $sentences["/batches/0/colours/0$pointer"]);
        }
    }

    public function test_shares_past_the_whole_are_refused(): void
    {
        $this->expectException(PlanException::class);
        self::batch([['share_pct' => 60, 'doses' => []], ['share_pct' => 41, 'doses' => []]]);
    }

    /**
     * @param  list<array<string, mixed>>  $colours
     * @param  list<array<string, mixed>>  $recipes
     */
    private static function batch(array $colours, array $recipes = []): BatchResult
    {
        return self::computed(self::plan($colours, $recipes))[0];
    }

    /**
     * @param  list<array<string, mixed>>  $colours
     * @return list<CoatResult>
     */
    private static function coats(array $colours): array
    {
        return (new Planner)->plan((new PlanReader)->read(self::plan($colours)));
    }

    /**
     * The example with a top coat on its flood coat, the flood coat coloured.
     *
     * @param  list<array<string, mixed>>  $colours
     * @param  list<array<string, mixed>>  $recipes
     */
    private static function plan(array $colours, array $recipes = []): stdClass
    {
        $plan = Plans::with(['/resins/0/filler_limit_pct' => 20]);
        $plan->coats[] = (object) [...(array) $plan->coats[0], 'id' => 'top', 'kind' => 'top'];
        $plan->colourants = json_decode(self::COLOURANTS, flags: JSON_THROW_ON_ERROR);
        $plan->recipes = json_decode((string) json_encode($recipes), flags: JSON_THROW_ON_ERROR);
        $plan->batches = [json_decode((string) json_encode(['id' => 'b', 'coats' => ['flood'], 'colours' => $colours]), flags: JSON_THROW_ON_ERROR)];

        return $plan;
    }

    /** @return list<BatchResult> */
    private static function computed(stdClass $document): array
    {
        $plan = (new PlanReader)->read($document);

        return (new BatchPlanner)->plan($plan, (new Planner)->plan($plan));
    }

    private static function named(BatchResult $batch, string $name): ColourShare
    {
        return array_values(array_filter($batch->coloured->shares, static fn (ColourShare $share): bool => $share->cup->name === $name))[0];
    }

    /** @return list<string> */
    private static function stepsOf(CoatResult $coat): array
    {
        return array_column(StepList::of($coat->case), 'id');
    }
}
