<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Batch;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Answer\Planner;
use OpenGlaze\Core\Batch\BatchPlanner;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Batch\Proposal;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Judging\BatchAdvisor;
use OpenGlaze\Core\Measuring\UnknownCup;
use OpenGlaze\Core\Measuring\Vessel;
use OpenGlaze\Core\Plan\Batch;
use OpenGlaze\Core\Plan\MixedIn;
use OpenGlaze\Core\Plan\Plan;
use OpenGlaze\Core\Reading\PlanReader;
use OpenGlaze\Core\Tests\Support\Draws;
use OpenGlaze\Core\Tests\Support\Plans;
use PHPUnit\Framework\TestCase;

final class ProposalTest extends TestCase
{
    public function test_no_proposed_batch_breaks_the_open_time_or_the_heat_in_hundreds_of_evenings(): void
    {
        mt_srand(11);
        for ($evening = 0; $evening < Draws::of(150); $evening++) {
            [$plan, $coats] = self::evening(mt_rand(1, 4), 6);
            $vessels = $evening % 2 === 0 ? [] : self::vessels();
            $proposal = Proposal::of($plan->studio, $coats, $vessels);
            $apart = array_map(static fn (CoatResult $coat): string => $coat->case->coat->id, $proposal->apart);
            $planned = array_fill_keys($apart, 0);
            foreach ($proposal->batches as $batch) {
                self::assertTrue(self::keeps($plan, $batch, $coats), "evening $evening, {$batch->id}");
                foreach ($batch->counts as $id => $count) {
                    $planned[$id] = ($planned[$id] ?? 0) + $count;
                }
            }
            foreach ($coats as $coat) {
                $id = $coat->case->coat->id;
                self::assertSame(in_array($id, $apart, true) ? 0 : $coat->case->piece->quantity, $planned[$id], 'every piece is poured once');
            }
        }
    }

    public function test_up_to_six_coats_there_are_no_fewer_batches_and_never_more_than_first_fit_makes(): void
    {
        mt_srand(23);
        $better = 0;
        for ($evening = 0; $evening < Draws::of(20); $evening++) {
            [$plan, $coats] = self::evening($evening % 3 > 0 ? mt_rand(3, 6) : mt_rand(18, 30), 1);
            $coats = array_values(array_filter($coats, static fn (CoatResult $coat): bool => self::keeps($plan, self::together([$coat]), $coats)));
            if ($evening % 3 === 0) {
                // the worst order for first fit
                usort($coats, static fn (CoatResult $a, CoatResult $b): int => $a->case->volume->coveredMm2 <=> $b->case->volume->coveredMm2);
            }
            $proposed = Proposal::of($plan->studio, $coats)->batches;
            $firstFit = self::firstFit($plan, $coats);
            self::assertLessThanOrEqual(count($firstFit), count($proposed));
            $better += count($proposed) < count($firstFit) ? 1 : 0;
            if (count($coats) <= 6) {
                self::assertCount(self::fewest($plan, $coats, $coats), $proposed, "evening $evening");
            }
        }
        self::assertGreaterThan(0, $better, 'no evening was hard enough to tell');
    }

    public function test_sixty_pendants_are_split_evenly(): void
    {
        $plan = (new PlanReader)->read(Plans::with(['/studio/temperature_c' => 23, '/pieces/0/kind' => 'pendant', '/pieces/0/quantity' => 60, '/pieces/0/coated_edges' => 'none',
            '/pieces/0/surface' => 'metal', '/pieces/0/outline' => (object) ['shape' => 'circle', 'diameter_mm' => 24], '/coats/0/containment' => 'held']));
        $proposal = Proposal::of($plan->studio, (new Planner)->plan($plan), self::vessels());
        self::assertSame([['flood' => 30], ['flood' => 30]], array_map(static fn (Batch $batch): array => $batch->counts, $proposal->batches));
    }

    public function test_what_is_to_keep_its_shape_is_poured_last_and_the_thinnest_film_first(): void
    {
        $plan = self::plan([['thick', 150, 1, 2.0, 'centre'], ['drops', 100, 1, 0.5, 'drops'], ['thin', 150, 1, 0.6, 'centre']]);
        $batches = Proposal::of($plan->studio, (new Planner)->plan($plan), self::vessels())->batches;
        self::assertSame([['thin', 'thick', 'drops']], array_map(static fn (Batch $batch): array => $batch->coatIds, $batches));
    }

    public function test_the_smallest_vessel_with_room_to_stir_is_taken(): void
    {
        $plan = self::plan([['tile', 100, 1, 1.6, 'centre']]);
        $coats = (new Planner)->plan($plan);
        $taken = Proposal::of($plan->studio, $coats, self::vessels())->batches[0]->in->cup;
        self::assertInstanceOf(Vessel::class, $taken);
        $total = (new BatchPlanner)->compute($plan->studio, Proposal::of($plan->studio, $coats, self::vessels())->batches[0], $coats)->mixed->portions->totalMl();
        foreach (self::vessels() as $vessel) {
            self::assertTrue($vessel->capacityMl() >= $taken->capacityMl() || $vessel->stirrableMl() < $total);
        }
        self::assertGreaterThanOrEqual($total, $taken->stirrableMl());
    }

    public function test_a_piece_too_large_for_every_vessel_is_said_to_stand_apart(): void
    {
        $plan = self::plan([['table', 2000, 1, 3.0, 'centre'], ['tile', 100, 1, 1.6, 'centre']]);
        $proposal = Proposal::of($plan->studio, (new Planner)->plan($plan), self::vessels());
        self::assertSame(['table'], array_map(static fn (CoatResult $coat): string => $coat->case->coat->id, $proposal->apart));
        self::assertCount(1, $proposal->batches);
    }

    public function test_only_what_is_still_to_be_poured_is_proposed(): void
    {
        $plan = self::plan([['tile', 100, 24, 1.6, 'centre'], ['board', 200, 3, 1.6, 'centre']]);
        foreach ([1, 7, 24] as $left) {
            $batches = Proposal::of($plan->studio, (new Planner)->plan($plan), self::vessels(), ['tile' => $left])->batches;
            self::assertSame($left, array_sum(array_map(static fn (Batch $batch): int => $batch->counts['tile'] ?? 0, $batches)));
            self::assertSame(3, array_sum(array_map(static fn (Batch $batch): int => $batch->counts['board'] ?? 0, $batches)));
        }
    }

    public function test_what_is_laid_in_other_colours_has_another_cup(): void
    {
        $document = Plans::with(['/pieces/0/outline' => (object) ['shape' => 'circle', 'diameter_mm' => 100]]);
        [$piece, $coat] = [(array) $document->pieces[0], (array) $document->coats[0]];
        $document->pieces = $document->coats = [];
        foreach (['clear' => [], 'sky' => ['Blue', 'white'], 'snow' => ['white', 'blue '], 'dusk' => ['blue']] as $id => $colours) {
            $document->pieces[] = (object) [...$piece, 'id' => "piece-$id"];
            $document->coats[] = (object) [...$coat, 'id' => $id, 'piece' => "piece-$id", 'parts' => array_map(static fn (string $colour): object => (object) ['colour' => $colour, 'share_pct' => 100 / max(1, count($colours))], $colours)];
        }
        $plan = (new PlanReader)->read($document);
        $together = array_map(static fn (Batch $batch): array => $batch->coatIds, Proposal::of($plan->studio, (new Planner)->plan($plan), self::vessels())->batches);
        self::assertEqualsCanonicalizing([['clear'], ['sky', 'snow'], ['dusk']], $together);
    }

    public function test_a_coat_never_shares_a_cup_with_what_it_is_poured_on(): void
    {
        $plan = Plans::with(['/pieces/0/outline' => (object) ['shape' => 'circle', 'diameter_mm' => 60]]);
        $plan->coats = array_map(static fn (int $at): object => (object) [...(array) $plan->coats[0], 'id' => "coat-$at"], [1, 2, 3]);
        $read = (new PlanReader)->read($plan);
        self::assertCount(3, Proposal::of($read->studio, (new Planner)->plan($read))->batches);
    }

    public function test_two_resins_never_share_a_cup(): void
    {
        $plan = Plans::full();
        $plan->batches = [];
        $read = (new PlanReader)->read($plan);
        $coats = (new Planner)->plan($read);
        foreach (Proposal::of($read->studio, $coats)->batches as $batch) {
            self::assertCount(1, array_unique(array_map(static fn (string $id): string => self::byId($coats)[$id]->case->resin->id, $batch->coatIds)));
        }
    }

    /** @return list<Vessel> */
    private static function vessels(): array
    {
        return [Vessel::of(45, 55, 60), Vessel::of(65, 80, 95), Vessel::of(90, 110, 120), Vessel::of(150, 170, 60, 8), Vessel::of(180, 200, 190)];
    }

    /** @return array{Plan, list<CoatResult>} */
    private static function evening(int $coats, int $mostAlike = 12): array
    {
        $rows = [];
        for ($i = 0; $i < $coats; $i++) {
            $rows[] = ["coat-$i", mt_rand(20, 500), mt_rand(1, $mostAlike), mt_rand(3, 30) / 10, ['centre', 'ribbons', 'cups', 'drops'][mt_rand(0, 3)]];
        }
        $plan = self::plan($rows, mt_rand(16, 28));

        return [$plan, (new Planner)->plan($plan)];
    }

    /** @param  list<array{string, int, int, float, string}>  $rows  id, side in mm, how many, film in mm, laying */
    private static function plan(array $rows, float $celsius = 21): Plan
    {
        $plan = Plans::with(['/studio/temperature_c' => $celsius]);
        [$piece, $coat] = [(array) $plan->pieces[0], (array) $plan->coats[0]];
        [$plan->pieces, $plan->coats] = [[], []];
        foreach ($rows as [$id, $side, $quantity, $mm, $laying]) {
            $plan->pieces[] = (object) [...$piece, 'id' => "piece-$id", 'quantity' => $quantity, 'outline' => (object) ['shape' => 'rectangle', 'width_mm' => $side, 'height_mm' => $side]];
            $plan->coats[] = (object) [...$coat, 'id' => $id, 'piece' => "piece-$id", 'size_by' => (object) ['thickness_mm' => $mm], 'laying' => $laying];
        }

        return (new PlanReader)->read($plan);
    }

    /**
     * Whether a batch keeps open time and heat, as the batch's own computation judges it.
     *
     * @param  list<CoatResult>  $coats
     */
    private static function keeps(Plan $plan, Batch $batch, array $coats): bool
    {
        $own = array_map(static fn (string $id): CoatResult => self::byId($coats)[$id], $batch->coatIds);
        $result = (new BatchPlanner)->compute($plan->studio, $batch, $own);
        $codes = array_map(static fn (Advice $one): string => $one->code.' '.$one->level->value, BatchAdvisor::advise($result));

        return array_intersect(['hot_batch stop', 'spread_longer_than_open_time caution'], $codes) === [] && self::isCoolWhenEmptied($result);
    }

    private static function isCoolWhenEmptied(BatchResult $result): bool
    {
        return $result->standing->emptiedC() < 60 && $result->standing->emptiedMin < $result->standing->potLifeMin;
    }

    /**
     * In the order in which they would be poured.
     *
     * @param  non-empty-list<CoatResult>  $coats
     */
    private static function together(array $coats): Batch
    {
        usort($coats, static fn (CoatResult $a, CoatResult $b): int => [$a->case->coat->keepsItsShape(), $a->case->filmMm()] <=> [$b->case->coat->keepsItsShape(), $b->case->filmMm()]);

        return new Batch('b', array_map(static fn (CoatResult $coat): string => $coat->case->coat->id, $coats), [], new MixedIn(1, new UnknownCup));
    }

    /**
     * @param  list<CoatResult>  $coats
     * @return array<string, CoatResult>
     */
    private static function byId(array $coats): array
    {
        return array_combine(array_map(static fn (CoatResult $coat): string => $coat->case->coat->id, $coats), $coats);
    }

    /**
     * @param  list<CoatResult>  $coats
     * @return list<non-empty-list<CoatResult>>
     */
    private static function firstFit(Plan $plan, array $coats): array
    {
        $batches = [];
        foreach ($coats as $coat) {
            foreach ($batches as $at => $batch) {
                if (self::keeps($plan, self::together([...$batch, $coat]), $coats)) {
                    $batches[$at][] = $coat;

                    continue 2;
                }
            }
            $batches[] = [$coat];
        }

        return array_values($batches);
    }

    /**
     * The fewest batches of all ways to put these together.
     *
     * @param  list<CoatResult>  $left
     * @param  list<CoatResult>  $coats
     * @param  list<non-empty-list<CoatResult>>  $batches  so far, all of which keep their time
     */
    private static function fewest(Plan $plan, array $left, array $coats, array $batches = []): int
    {
        if ($left === []) {
            return count($batches);
        }
        $coat = array_shift($left);
        $fewest = self::fewest($plan, $left, $coats, [...$batches, [$coat]]);
        foreach ($batches as $at => $batch) {
            $tried = $batches;
            $tried[$at] = [...$batch, $coat];
            if (self::keeps($plan, self::together($tried[$at]), $coats)) {
                $fewest = min($fewest, self::fewest($plan, $left, $coats, $tried));
            }
        }

        return $fewest;
    }
}
