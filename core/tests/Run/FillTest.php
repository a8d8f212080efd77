<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Run;

use OpenGlaze\Core\Run\Fill;
use OpenGlaze\Core\Tests\Support\Plans;
use PHPUnit\Framework\TestCase;

final class FillTest extends TestCase
{
    public function test_a_film_is_judged_when_it_has_settled_and_hands_have_left_it(): void
    {
        $thick = Plans::computed(['/coats/0/size_by/thickness_mm' => 3]);
        $thin = Plans::computed(['/coats/0/size_by/thickness_mm' => 0.8]);
        self::assertSame(10.0, Fill::of($thick)->judgeFromMin, 'five minutes after the spreading at the earliest');
        self::assertNotNull($thin->film->level->settleMin);
        self::assertEqualsWithDelta(5 + 3 * $thin->film->level->settleMin, Fill::of($thin)->judgeFromMin, 1e-9);
        self::assertGreaterThan(Fill::of($thick)->judgeFromMin, Fill::of($thin)->judgeFromMin, 'a thin film settles slowly');
    }

    public function test_what_is_added_gets_a_pass_while_eight_minutes_are_left(): void
    {
        $result = Plans::computed();
        self::assertEqualsWithDelta($result->film->torch->closesMin - 8, Fill::of($result)->passUntilMin, 1e-9);
        $late = Plans::computed(['/coats/0/age_min' => 38]);
        self::assertNull(Fill::of($late)->passUntilMin, 'it has closed by when it has settled');
    }

    public function test_what_never_settles_cannot_be_judged(): void
    {
        self::assertNull(Fill::of(Plans::computed(['/coats/0/size_by/thickness_mm' => 0.05]))->judgeFromMin);
    }
}
