<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Trace;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Quantity\Origin;
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
            'area_cm2' => $result->case->piece->areaCm2(),
            'film' => $result->volume->filmMl, 'edges' => $result->volume->edgesMl, 'runoff' => $result->volume->runoffMl,
            'soak' => $result->volume->soakMl, 'residue' => $result->volume->residueMl, 'margin' => $result->volume->marginMl,
            'total' => $result->volume->totalMl(), 'total_g' => $result->mix->totalG(),
            'a_ml' => $result->mix->aMl, 'b_ml' => $result->mix->bMl, 'a_g' => $result->mix->aG, 'b_g' => $result->mix->bG,
            'open_min' => $result->film->openMin, 'closes_min' => $result->film->torch->closesMin, 'look_min' => $result->film->torch->lookMin,
            'recoat_from_h' => $result->windows->recoatFromH, 'full_cure_h' => $result->windows->fullCureH,
        ];
        foreach ($result->film->torch->passesMin as $index => $min) {
            $shown['pass_'.($index + 1).'_min'] = $min;
        }
        foreach ($result->drips->wipesMin ?? [] as $index => $min) {
            $shown['wipe_'.($index + 1).'_min'] = $min;
        }
        foreach ($shown as $figure => $value) {
            self::assertArrayHasKey($figure, $traces);
            self::assertSame($value, $traces[$figure]->result, $figure);
        }
    }

    public function test_a_figure_within_a_trace_can_be_traced_on(): void
    {
        $traces = Traces::of(Plans::computed());
        foreach ($traces as $trace) {
            foreach ($trace->inputs as $input) {
                if ($input->figure !== null) {
                    self::assertArrayHasKey($input->figure, $traces, $trace->figure);
                }
            }
        }
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

    private static function evaluate(Trace $trace, CoatResult $result): ?float
    {
        $language = new ExpressionLanguage;
        $functions = [
            'sqrt' => sqrt(...), 'exp' => exp(...), 'log10' => log10(...), 'sin' => sin(...),
            'ln' => static fn (float $x): float => log($x),
            'min' => static fn (float ...$x): float => min($x), 'max' => static fn (float ...$x): float => max($x),
            'age_to_minutes' => $result->case->clock->minutesToAge(...),
            'mobility_to_minutes' => $result->case->clock->minutesToMobility(...),
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
