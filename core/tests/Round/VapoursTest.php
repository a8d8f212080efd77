<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Round;

use OpenGlaze\Core\Round\Vapours;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What burns on the bench holds back flame and heat gun until it is tack-free. */
final class VapoursTest extends TestCase
{
    #[TestWith([5.0, 30.0, null], 'no time is left for it by then')]
    #[TestWith([5.0, 241.0, 240.0], 'it is laid after it')]
    #[TestWith([5.0, 240.9, null], 'it would begin in time and end too late')]
    #[TestWith([5.0, null, 240.0], 'it can always wait')]
    #[TestWith([250.0, 260.0, 250.0], 'it is due later anyway')]
    public function test_a_pass_waits_for_them_or_is_left_out(float $dueMin, ?float $untilMin, ?float $at): void
    {
        self::assertSame($at, (new Vapours('soot', 240.0))->mayLightAt($dueMin, $untilMin, 1.0));
    }

    public function test_the_last_of_many_holds_it_back(): void
    {
        self::assertNull(Vapours::last([]));
        self::assertSame('b', Vapours::last([new Vapours('a', 30.0), new Vapours('b', 240.0), new Vapours('c', 90.0)])?->film);
    }
}
