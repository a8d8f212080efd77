<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Remedy;
use OpenGlaze\Core\Advice\RemedyKind;
use OpenGlaze\Core\Answer\Planner;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Judging\CoatAdvisor;
use OpenGlaze\Core\Reading\PlanReader;
use OpenGlaze\Core\Tests\Support\Draws;
use OpenGlaze\Core\Tests\Support\English;
use OpenGlaze\Core\Tests\Support\Gone;
use OpenGlaze\Core\Tests\Support\Plans;
use PHPUnit\Framework\TestCase;
use stdClass;

/** Every press that an advice offers takes its reason away. */
final class RemedyTest extends TestCase
{
    public function test_whatever_is_offered_ends_what_it_is_offered_for(): void
    {
        mt_srand(77);
        $seen = [];
        for ($plan = 0; $plan < Draws::of(250); $plan++) {
            $document = self::anyPlan();
            foreach (CoatAdvisor::advise(self::lowest($document)) as $advice) {
                foreach ($advice->remedies as $remedy) {
                    $seen[$advice->code.' '.$remedy->kind->value] = true;
                    $changed = self::changedBy($document, $remedy, self::lowest($document));
                    foreach ((new Planner)->plan((new PlanReader)->read($changed)) as $coat) {
                        self::assertNotContains($advice->code, self::codes($coat), English::say($advice->said).' '.json_encode([$remedy, $document->coats, $document->pieces]));
                    }
                }
            }
        }
        foreach (['over_max_pour coats', 'over_max_pour lifts', 'over_max_pour film', 'dome_over_limit film', 'film_too_thin_to_level film', 'lip_too_low film', 'hot_lift coats', 'edge_keeps_less coats', 'runs_off_more runoff'] as $one) {
            self::assertArrayHasKey($one, $seen);
        }
    }

    public function test_what_no_press_can_mend_offers_none(): void
    {
        $gelled = CoatAdvisor::advise(Plans::computed(['/coats/0/age_min' => 100]));
        self::assertSame([[]], array_values(array_map(static fn (Advice $one): array => $one->remedies, array_filter($gelled, static fn (Advice $one): bool => $one->code === 'gelled'))));
    }

    private static function anyPlan(): stdClass
    {
        $containment = ['open', 'held', 'dammed'][mt_rand(0, 2)];
        $mm = exp(mt_rand(-300, 320) / 100);

        return Plans::with([
            '/coats/0/containment' => $containment,
            '/coats/0/runoff_pct' => new Gone,
            '/pieces/0/coated_edges' => $containment === 'open' ? 'all' : 'none',
            '/coats/0/size_by' => (object) ['thickness_mm' => $mm],
            '/resins/0/max_pour_mm' => mt_rand(0, 2) === 0 ? new Gone : mt_rand(1, 60),
            ...($containment === 'dammed' && mt_rand(0, 1) === 0 ? ['/pieces/0/lip_mm' => mt_rand(1, 12)] : []),
        ]);
    }

    private static function changedBy(stdClass $document, Remedy $remedy, CoatResult $now): stdClass
    {
        $changed = unserialize(serialize($document));
        assert($changed instanceof stdClass && is_array($changed->coats));
        $film = $now->case->thicknessMm->value ?? 0.0;
        $coat = $changed->coats[0];
        $coat->size_by = match ($remedy->kind) {
            RemedyKind::Film => (object) ['thickness_mm' => $remedy->value],
            RemedyKind::Lifts => (object) ['total_depth_mm' => $film],
            RemedyKind::Coats => (object) ['thickness_mm' => round($film / $remedy->value, 4)],
            RemedyKind::Runoff => $coat->size_by,
            RemedyKind::Halve, RemedyKind::Together => self::fail('That is done to a cup.'),
        };
        if ($remedy->kind === RemedyKind::Runoff) {
            $coat->runoff_pct = $remedy->value;
        }
        for ($number = 2; $remedy->kind === RemedyKind::Coats && $number <= $remedy->value; $number++) {
            $again = clone $coat;
            $again->id = "again-$number";
            $changed->coats[] = $again;
        }

        return $changed;
    }

    private static function lowest(stdClass $document): CoatResult
    {
        return (new Planner)->plan((new PlanReader)->read($document))[0];
    }

    /** @return list<string> */
    private static function codes(CoatResult $result): array
    {
        return array_map(static fn (Advice $one): string => $one->code, CoatAdvisor::advise($result));
    }
}
