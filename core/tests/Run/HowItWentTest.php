<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Run;

use OpenGlaze\Core\Run\ActKind;
use OpenGlaze\Core\Run\Acts;
use OpenGlaze\Core\Run\HowItWent;
use OpenGlaze\Core\Tests\Support\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What was not done is said as not done. */
final class HowItWentTest extends TestCase
{
    /** @return iterable<string, array{ActKind, float|null, bool, float, HowItWent}> */
    public static function acts(): iterable
    {
        yield from [
            'a pass on its minute' => [ActKind::Pass, 20.0, false, 99.0, HowItWent::InTime],
            'a pass three minutes late' => [ActKind::Pass, 23.0, false, 99.0, HowItWent::InTime],
            'a pass later than that' => [ActKind::Pass, 23.1, false, 99.0, HowItWent::Late],
            'a pass three minutes early' => [ActKind::Pass, 17.0, false, 99.0, HowItWent::Early],
            'a wipe five minutes late' => [ActKind::Wipe, 25.0, false, 99.0, HowItWent::InTime],
            'a cover ten minutes late' => [ActKind::Cover, 30.0, false, 99.0, HowItWent::InTime],
            'skipped' => [ActKind::Wipe, 20.0, true, 99.0, HowItWent::Skipped],
            'still to come' => [ActKind::Look, null, false, 10.0, HowItWent::Open],
            'due, and still of use' => [ActKind::Look, null, false, 40.0, HowItWent::Open],
            'of no use any more' => [ActKind::Look, null, false, 40.1, HowItWent::Missed],
        ];
    }

    #[DataProvider('acts')]
    public function test_an_act_is_judged_beside_its_time(ActKind $kind, ?float $doneMin, bool $skipped, float $nowMin, HowItWent $went): void
    {
        self::assertSame($went, HowItWent::of($kind, 20.0, 40.0, $doneMin, $skipped, $nowMin));
    }

    public function test_what_never_ends_is_never_missed(): void
    {
        self::assertSame(HowItWent::Open, HowItWent::of(ActKind::Cover, 20.0, null, null, false, 1e9));
    }

    public function test_heat_and_looks_end_with_the_closing_wipes_with_the_flow_and_the_cover_with_the_handling(): void
    {
        $result = Plans::computed();
        $until = [];
        foreach (Acts::of($result) as $act) {
            $until[$act->kind->value][] = $act->untilMin;
            self::assertGreaterThanOrEqual($act->dueMin, $act->untilMin, 'nothing is missed before it is due');
        }
        self::assertSame([$result->film->torch->closesMin], array_values(array_unique([...$until['pass'], ...$until['look']])));
        self::assertSame([4 * $result->film->flowing->openMin], array_values(array_unique($until['wipe'])));
        self::assertSame([60 * (float) $result->windows->handleH], $until['cover']);
    }
}
