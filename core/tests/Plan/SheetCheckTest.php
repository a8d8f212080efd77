<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Plan;

use OpenGlaze\Core\Plan\PlanException;
use OpenGlaze\Core\Plan\ResinSheet;
use OpenGlaze\Core\Plan\SheetCheck;
use OpenGlaze\Core\Reading\PlanReader;
use OpenGlaze\Core\Tests\Support\English;
use OpenGlaze\Core\Tests\Support\Gone;
use OpenGlaze\Core\Tests\Support\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SheetCheckTest extends TestCase
{
    public function test_a_sound_sheet_is_believed_and_a_full_one_leaves_nothing_open(): void
    {
        self::assertSame([], SheetCheck::doubts(self::sheet([])));
        self::assertSame([], SheetCheck::silences(self::sheet([])));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function doubtful(): iterable
    {
        yield 'it still flows when the next coat is due' => [['open_min' => 300], 'would still flow (300 min)'];
        yield 'sanded while it takes a coat' => [['sand_from_h' => 6], 'too soft to sand'];
        yield 'handled before it is coated' => [['handle_h' => 2], 'could be handled (2 h)'];
        yield 'cured before it is handled' => [['full_cure_h' => 20], 'fully cured (20 h)'];
        yield 'a cup that outlasts a film' => [['pot_life_min' => 60], 'longer than its open time'];
        yield 'stirred for half of its life' => [['mix_min' => 30], 'half of its open time'];
        yield 'water by the litre' => [['density_a_g_ml' => 1.0, 'density_b_g_ml' => 1.0], 'as much as water'];
        yield 'as heavy as stone' => [['density_a_g_ml' => 2.6], 'Part A would weigh 2.6 g'];
        yield 'as light as petrol' => [['density_b_g_ml' => 0.7], 'Part B would weigh 0.7 g'];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('doubtful')]
    public function test_what_cannot_be_right_is_said_in_plain_words(array $changes, string $words): void
    {
        self::assertStringContainsString($words, implode(' ', array_map(English::say(...), SheetCheck::doubts(self::sheet($changes)))));
    }

    public function test_a_window_that_shuts_before_it_opens_is_no_sheet_at_all(): void
    {
        foreach ([[12, 4], [4, 4]] as [$from, $to]) {
            try {
                self::sheet(['recoat_from_h' => $from, 'recoat_to_h' => $to]);
                self::fail('It was taken.');
            } catch (PlanException $exception) {
                self::assertSame('/resins/0/recoat_to_h', $exception->faults[0]->pointer);
                self::assertStringContainsString('right way round', English::say($exception->faults[0]->said));
            }
        }
    }

    public function test_each_silence_names_what_it_costs_and_nothing_else(): void
    {
        foreach (['recoat_from_h' => 'Its label does not say when to recoat: ', 'recoat_to_h' => 'Its label does not say until when', 'sand_from_h' => 'Its label does not say when to sand: ', 'handle_h' => 'Its label does not say when to handle: ', 'full_cure_h' => 'Its label does not say when it is cured: ', 'max_pour_mm' => 'Deepest pour', 'mix_min' => 'Stirring time', 'pot_life_min' => 'Pot life'] as $field => $words) {
            $silences = array_map(English::say(...), SheetCheck::silences(self::sheet([$field => new Gone])));
            self::assertCount(1, $silences, $field);
            self::assertStringStartsWith($words, $silences[0]);
        }
    }

    /** @param  array<string, mixed>  $changes */
    private static function sheet(array $changes): ResinSheet
    {
        $pointers = array_combine(array_map(static fn (string $field): string => "/resins/0/$field", array_keys($changes)), $changes);

        return (new PlanReader)->read(Plans::with($pointers))->resins['bench'];
    }
}
