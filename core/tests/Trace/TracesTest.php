<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Trace;

use OpenGlaze\Core\Answer\Planner;
use OpenGlaze\Core\Batch\BatchPlanner;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Edge\FlowTable;
use OpenGlaze\Core\Film\Drift;
use OpenGlaze\Core\Heat\Curing;
use OpenGlaze\Core\Heat\Heating;
use OpenGlaze\Core\Heat\LayerHeating;
use OpenGlaze\Core\Heat\LayerRun;
use OpenGlaze\Core\Heat\Lifts;
use OpenGlaze\Core\Heat\PouredLayer;
use OpenGlaze\Core\Heat\ResinInCup;
use OpenGlaze\Core\Held\Dome;
use OpenGlaze\Core\Held\DomeEdge;
use OpenGlaze\Core\Measuring\Markable;
use OpenGlaze\Core\Measuring\UnknownCup;
use OpenGlaze\Core\Quantity\Origin;
use OpenGlaze\Core\Reading\PlanReader;
use OpenGlaze\Core\Tests\Support\Gone;
use OpenGlaze\Core\Tests\Support\Plans;
use OpenGlaze\Core\Trace\Trace;
use OpenGlaze\Core\Trace\TraceInput;
use OpenGlaze\Core\Trace\Traces;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\ExpressionLanguage\ExpressionLanguage;

/** Works every trace out again from what it shows, and compares with the figure. */
final class TracesTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>}> */
    public static function plans(): iterable
    {
        yield from [
            'the example' => [[]],
            'unknown cups, assumed values' => [['/coats/0/residue_ml_per_cup' => new Gone, '/studio/margin_pct' => new Gone, '/coats/0/cups' => 3]],
            'a circle by weight' => [['/pieces/0/outline' => (object) ['shape' => 'circle', 'diameter_mm' => 900], '/resins/0/ratio/by' => 'weight']],
            'a thin film out of level' => [['/coats/0/size_by/thickness_mm' => 0.2, '/studio/slope_mm_per_m' => 3]],
            'an old mix in a warm room' => [['/coats/0/age_min' => 25, '/studio/temperature_c' => 28]],
            'past its open time' => [['/coats/0/age_min' => 60]],
            'hardly any film' => [['/coats/0/size_by/thickness_mm' => 0.05]],
            'two sides of many tiles' => [['/pieces/0/coated_edges' => ['top', 'left'], '/pieces/0/quantity' => 24]],
            'a rounded tile with a hole' => [['/pieces/0/outline' => (object) ['shape' => 'rectangle', 'width_mm' => 98, 'height_mm' => 98, 'radius_mm' => 12, 'holes' => [(object) ['shape' => 'circle', 'diameter_mm' => 5, 'x_mm' => 46, 'y_mm' => 4]]]]],
            'rounded corners' => [['/pieces/0/outline/radius_mm' => 20]],
            'an oval' => [['/pieces/0/outline' => (object) ['shape' => 'ellipse', 'width_mm' => 300, 'height_mm' => 200]]],
            'a held film' => [['/coats/0/containment' => 'held', '/coats/0/size_by/thickness_mm' => 2.4]],
            'a dome over a lip' => [['/coats/0/containment' => 'held', '/coats/0/size_by/thickness_mm' => 4.0, '/pieces/0/lip_mm' => 3]],
            'more than the edge holds' => [['/coats/0/containment' => 'held', '/coats/0/size_by/thickness_mm' => 9]],
            'a dammed coat in lifts' => [['/coats/0/containment' => 'dammed', '/coats/0/size_by' => (object) ['total_depth_mm' => 14], '/coats/0/residue_ml_per_cup' => new Gone, '/coats/0/inclusions' => [(object) ['name' => 'gears', 'count' => 12, 'size_mm' => [40, 3]]]]],
            'lifts of known cups' => [['/coats/0/containment' => 'dammed', '/coats/0/size_by' => (object) ['total_depth_mm' => 10]]],
            'what is to stay' => [['/coats/0/size_by' => (object) ['stays_mm' => 1.2]]],
            'an edge without a depth' => [['/pieces/0/edge_depth_mm' => 0]],
            'a spread rate' => [['/coats/0/size_by' => (object) ['ml_per_cm2' => 0.15]]],
            'ml a piece, laid' => [['/coats/0/size_by' => (object) ['ml_per_piece' => 400]]],
            'ml a piece, mixed' => [['/coats/0/size_by' => (object) ['ml_per_piece' => 400, 'counted' => 'mixed'], '/coats/0/residue_ml_per_cup' => new Gone, '/pieces/0/quantity' => 3]],
            'a counted thing' => [['/pieces/0/outline' => null, '/pieces/0/coated_edges' => 'none', '/pieces/0/measure' => (object) ['each_ml' => 2.5], '/coats/0/containment' => 'placed']],
            'a counted thing of known area' => [['/pieces/0/outline' => null, '/pieces/0/coated_edges' => 'none', '/pieces/0/measure' => (object) ['each_ml' => 2.5, 'area_cm2' => 12], '/coats/0/containment' => 'placed']],
            'a counted thing by its amount' => [['/pieces/0/outline' => null, '/pieces/0/coated_edges' => 'none', '/pieces/0/measure' => (object) ['each_ml' => 2.5], '/coats/0/size_by' => (object) ['ml_per_piece' => 2]]],
            'a mould of known depth' => [['/pieces/0/outline' => null, '/pieces/0/coated_edges' => 'none', '/pieces/0/measure' => (object) ['water_g' => 180, 'deepest_mm' => 25], '/coats/0/containment' => 'dammed', '/coats/0/size_by' => (object) ['rest_leaving_ml' => 20]]],
            'what a mould still holds' => [['/pieces/0/outline' => null, '/pieces/0/coated_edges' => 'none', '/pieces/0/measure' => (object) ['water_g' => 180], '/coats/0/containment' => 'dammed', '/coats/0/size_by' => (object) ['rest_leaving_ml' => 20]]],
            'a stone' => [['/pieces/0/outline' => null, '/pieces/0/coated_edges' => 'none', '/pieces/0/measure' => (object) ['ellipsoid_mm' => [60, 45, 30]]]],
            'a zone with its own surface' => [['/coats/0/zone' => (object) ['shape' => 'rectangle', 'width_mm' => 200, 'height_mm' => 410, 'x_mm' => 0, 'y_mm' => 0, 'surface' => 'raw_ply']]],
            'a share of the face' => [['/coats/0/zone' => (object) ['share_pct' => 30]]],
            'placed thick' => [['/coats/0/containment' => 'placed']],
            'placed thick in a cooling room' => [['/coats/0/containment' => 'placed', '/studio/temperatures' => [(object) ['at_h' => 0, 'c' => 22], (object) ['at_h' => 6, 'c' => 16]]]],
            'a skim on relief' => [['/coats/0/kind' => 'skim', '/coats/0/size_by/thickness_mm' => 0.1, '/coats/0/relief_mm' => 3]],
            'polyester' => [['/resins/0/family' => 'polyester', '/resins/0/catalyst' => [(object) ['depth_mm' => 1, 'pct' => 2], (object) ['depth_mm' => 6, 'pct' => 1]], '/resins/0/shrinkage_pct' => 7, '/resins/0/density_b_g_ml' => new Gone]],
            'no edge' => [['/pieces/0/coated_edges' => 'none']],
            'a night that cools' => [['/studio/temperatures' => [(object) ['at_h' => 0, 'c' => 22], (object) ['at_h' => 6, 'c' => 16]], '/coats/0/age_min' => 4]],
        ];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('plans')]
    public function test_every_trace_works_out_to_its_figure(array $changes): void
    {
        $result = Plans::computed($changes);
        foreach (Traces::of($result) as $trace) {
            $again = self::evaluate($trace, $result);
            if ($trace->result === null) {
                self::assertTrue($again === null || ! is_finite($again), $trace->figure);
            } else {
                self::assertNotNull($again, $trace->figure);
                self::assertEqualsWithDelta($trace->result, $again, 1e-6 * max(1e-3, abs($trace->result)), $trace->figure.': '.$trace->expression);
            }
        }
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('plans')]
    public function test_every_figure_shown_has_a_trace(array $changes): void
    {
        $result = Plans::computed($changes);
        $traces = Traces::of($result);
        $shown = [
            ...($result->case->piece->areaCm2() === null ? [] : ['area_cm2' => $result->case->piece->areaCm2()]),
            'film' => $result->volume->filmMl, 'edges' => $result->volume->edgesMl, 'runoff' => $result->volume->runoffMl,
            'soak' => $result->volume->soakMl, 'residue' => $result->volume->residueMl, 'margin' => $result->volume->marginMl,
            'climb' => $result->volume->climbMl, 'displaced' => $result->volume->displacedMl, 'total' => $result->volume->totalMl(), 'total_g' => $result->mix->totalG(),
            'a_ml' => $result->mix->aMl, 'b_ml' => $result->mix->bMl, 'a_g' => $result->mix->aG, 'b_g' => $result->mix->bG,
            'open_min' => $result->film->flowing->openMin, 'closes_min' => $result->film->torch->closesMin, 'look_min' => $result->film->torch->lookMin,
            'recoat_from_h' => $result->windows->recoatFromH, 'full_cure_h' => $result->windows->fullCureH,
        ];
        foreach ($result->film->torch->passesMin as $index => $min) {
            $shown['pass_'.($index + 1).'_min'] = $min;
        }
        foreach ($result->edge->wipesMin ?? [] as $index => $min) {
            $shown['wipe_'.($index + 1).'_min'] = $min;
        }
        // a film that is closed from the start is not looked at
        foreach (array_filter($shown, static fn (string $figure): bool => $figure !== 'look_min' || $result->film->torch->lookMin !== null, ARRAY_FILTER_USE_KEY) as $figure => $value) {
            self::assertArrayHasKey($figure, $traces);
            self::assertSame($value, $traces[$figure]->result, $figure);
        }
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('plans')]
    public function test_a_trace_lists_what_its_formula_needs_once_and_nothing_else(array $changes): void
    {
        foreach (Traces::of(Plans::computed($changes)) as $trace) {
            preg_match_all('/[a-z][a-z0-9_]*(?![a-z0-9_]*\()/', (string) preg_replace('/[a-z][a-z0-9_]*\(/', '(', $trace->expression), $names);
            $needed = array_values(array_diff(array_unique($names[0]), ['pi']));
            $given = array_map(static fn (TraceInput $input): string => $input->symbol, $trace->inputs);
            sort($needed);
            sort($given);
            self::assertSame($needed, $given, $trace->figure.': '.$trace->expression);
        }
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('plans')]
    public function test_a_figure_within_a_trace_can_be_traced_on(array $changes): void
    {
        $traces = Traces::of(Plans::computed($changes));
        foreach ($traces as $trace) {
            foreach ($trace->inputs as $input) {
                if ($input->figure !== null) {
                    self::assertArrayHasKey($input->figure, $traces, $trace->figure);
                }
            }
        }
    }

    public function test_every_trace_of_a_batch_works_out_to_its_figure(): void
    {
        $plan = (new PlanReader)->read(Plans::full());
        $followed = 0;
        foreach ((new BatchPlanner)->plan($plan, (new Planner)->plan($plan)) as $batch) {
            $traces = Traces::ofBatch($batch, $plan->studio);
            foreach ($traces as $trace) {
                $again = self::evaluate($trace, $batch->turns[0]->coat, $batch);
                self::assertEqualsWithDelta($trace->result, $again, 1e-6 * max(1e-3, abs($trace->result ?? 0.0)), $trace->figure.': '.$trace->expression);
                foreach ($trace->inputs as $input) {
                    self::assertMatchesRegularExpression('/\b'.$input->symbol.'\b/', $trace->expression, $trace->figure);
                    self::assertTrue($input->figure === null || isset($traces[$input->figure]), $trace->figure.' leads to '.$input->figure);
                }
                $followed++;
            }
            $shown = ['total' => $batch->mixed->portions->totalMl(), 'a_g' => $batch->mixed->portions->aG, 'b_g' => $batch->mixed->portions->bG, 'a_ml' => $batch->mixed->portions->aMl, 'residue' => $batch->mixed->residueMl, 'emptied_min' => $batch->standing->emptiedMin, 'pot_life_min' => $batch->standing->potLifeMin];
            foreach ($shown as $figure => $value) {
                self::assertSame($value, $traces[$figure]->result, $figure);
            }
        }
        self::assertGreaterThan(20, $followed);
    }

    public function test_it_tells_what_was_assumed(): void
    {
        $assumed = static fn (CoatResult $result): array => array_column(array_filter(
            Traces::of($result)['margin']->inputs,
            static fn (TraceInput $input): bool => $input->origin === Origin::Assumed,
        ), 'symbol');
        self::assertSame(['margin_pct'], $assumed(Plans::computed(['/studio/margin_pct' => new Gone])));
        self::assertSame([], $assumed(Plans::computed()));
    }

    private static function evaluate(Trace $trace, CoatResult $result, ?BatchResult $batch = null): ?float
    {
        $language = new ExpressionLanguage;
        $functions = [
            'sqrt' => sqrt(...), 'exp' => exp(...), 'log10' => log10(...), 'sin' => sin(...),
            'ln' => static fn (float $x): float => log($x),
            'min' => static fn (float ...$x): float => min($x), 'max' => static fn (float ...$x): float => max($x),
            'age_to_minutes' => $result->case->clock->minutesToAge(...),
            'viscosity_to_minutes' => $result->case->clock->minutesToViscosity(...),
            'mobility_to_minutes' => $result->case->clock->minutesToMobility(...),
            'layer_peak' => static fn (float $mm, float $lifts, float $density, float $heat, float $capacity, float $conductivity): float => max(array_map(
                static fn (LayerRun $run): float => $run->peakC,
                LayerHeating::peaks(
                    new Curing($result->case->resin->kinetics($result->case->studio), ($result->case->resin->stages->recoatFromH->value ?? 0) * 60, $heat, $capacity),
                    new PouredLayer($mm, $density * 1000, $result->case->piece->face->base->slabs($result->case->piece->face->baseMm?->value), $result->case->studio->room->temperatures, $result->case->studio->room->surfaceC?->value, $result->case->coat->manner->ageMin->value, new Lifts((int) $lifts, $result->case->roomClock->minutesToAge(60 * ($result->case->resin->stages->recoatFromH->value ?? 0))), $conductivity),
                ),
            )),
            'own_heat_to_minutes' => static fn (float $age): ?float => $age === $result->case->resin->times->openMin->value ? $result->case->heat->openMin() : 60 * ($result->case->heat->recoatToH() ?? NAN),
            'lump_peak' => static fn (float $ml, float $density, float $heat, float $capacity): float => Heating::inCup(new Curing($result->case->resin->kinetics($result->case->studio), ($result->case->resin->stages->recoatFromH->value ?? 0) * 60, $heat, $capacity), new ResinInCup($ml, $density * 1000, new UnknownCup, $result->case->studio->room->temperatures, $result->case->studio->room->temperatures->at(0.0)))->peakC,
            'laid_to_stay' => static fn (float $mm): float => $result->case->laidToStay()?->laidMm($mm) ?? $mm,
            'thinned' => FlowTable::mean(...),
            'overflow' => FlowTable::flow(...),
            'gathered' => Drift::gatheredShare(...),
            'drip_to_minutes' => static fn (float $mlPerM): ?float => $result->case->wetEdge()?->minutesUntilLeft($mlPerM),
            'dome_mean' => static fn (float $radius, float $round, float $angle, float $capillary): float => Dome::meetingAt(new DomeEdge($radius, $round), $angle, $capillary)->meanMm(),
            'dome_angle' => static fn (float $radius, float $round, float $mean, float $capillary, float $most): ?float => Dome::holding(new DomeEdge($radius, $round), $mean, $capillary, $most)?->angleDeg,
            'dome_centre' => static fn (float $radius, float $round, float $mean, float $capillary, float $most): ?float => Dome::holding(new DomeEdge($radius, $round), $mean, $capillary, $most)?->centreMm,
            'cup_age_to_minutes' => static fn (float $age): ?float => $batch?->standing->run?->minutesToAge($age),
            'cup_height' => static fn (float $ml): ?float => $batch?->batch->in->cup instanceof Markable ? $batch->batch->in->cup->heightOfMm($ml) : null,
            'mobility_in_the_end' => $result->case->clock->mobilityInTheEnd(...),
        ];
        foreach ($functions as $name => $function) {
            $language->register($name, static fn (): string => '', static fn (array $values, float|int ...$arguments): mixed => $function(...$arguments));
        }
        $values = ['pi' => M_PI];
        foreach ($trace->inputs as $input) {
            $values[$input->symbol] = $input->value;
        }
        $result = $language->evaluate($trace->expression, $values);

        return $result === null ? null : (float) $result;
    }
}
