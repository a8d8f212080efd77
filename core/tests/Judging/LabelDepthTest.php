<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Level;
use OpenGlaze\Core\Answer\Planner;
use OpenGlaze\Core\Judging\CoatAdvisor;
use OpenGlaze\Core\Reading\PlanReader;
use OpenGlaze\Core\Tests\Support\English;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use stdClass;

/** What a label allows is no stop: each resin of the demo studio, poured as deep as its own label says. */
final class LabelDepthTest extends TestCase
{
    /** @return iterable<string, array{string, int}> resin, degrees in the room */
    public static function resins(): iterable
    {
        foreach (['bench', 'even', 'swift', 'long', 'dome'] as $id) {
            foreach ([18, 23, 26] as $celsius) {
                yield "$id at $celsius °C" => [$id, $celsius];
            }
        }
    }

    #[DataProvider('resins')]
    public function test_no_stop_for_heat_at_the_labels_own_depth(string $id, int $celsius): void
    {
        $depth = self::resin($id)->max_pour_mm;
        self::assertIsNumeric($depth);
        self::assertSame([], self::stopsForHeat($id, (float) $depth, $celsius));
    }

    public function test_the_rule_still_stops_what_is_too_deep(): void
    {
        self::assertNotSame([], self::stopsForHeat('swift', 30.0, 26));
    }

    /** @return list<string> */
    private static function stopsForHeat(string $id, float $depthMm, int $celsius): array
    {
        $plan = (object) [
            'format' => 'open-glaze-plan', 'version' => 1, 'studio' => (object) ['temperature_c' => $celsius],
            'resins' => [self::resin($id)],
            'pieces' => [(object) ['id' => 'tray', 'outline' => (object) ['shape' => 'rectangle', 'width_mm' => 300, 'height_mm' => 200], 'surface' => 'sealed', 'recess_mm' => 60]],
            'coats' => [(object) ['id' => 'deep', 'piece' => 'tray', 'resin' => $id, 'containment' => 'dammed', 'size_by' => (object) ['thickness_mm' => $depthMm]]],
        ];
        $advice = CoatAdvisor::advise((new Planner)->plan((new PlanReader)->read($plan))[0]);

        return array_values(array_map(static fn (Advice $one): string => $one->code.': '.English::say($one->said), array_filter($advice, static fn (Advice $one): bool => $one->level === Level::Stop)));
    }

    private static function resin(string $id): stdClass
    {
        $plan = json_decode((string) file_get_contents(__DIR__.'/../../../database/demo/tea-room.json'), flags: JSON_THROW_ON_ERROR);
        assert($plan instanceof stdClass && is_array($plan->resins));
        foreach ($plan->resins as $resin) {
            if ($resin instanceof stdClass && $resin->id === $id) {
                return $resin;
            }
        }
        self::fail("The demo has no $id.");
    }
}
