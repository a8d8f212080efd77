<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Document;

use OpenGlaze\Core\Document\KeptBatch;
use PHPUnit\Framework\TestCase;

/** What is left in a cup: what clings to it is nobody's question, more than that goes on heating. */
final class KeptBatchTest extends TestCase
{
    public function test_what_is_left_is_what_clings_and_what_was_mixed_for_safety(): void
    {
        $left = static fn (mixed $residue, mixed $margin): array => [KeptBatch::from(['residue_ml' => $residue, 'margin_ml' => $margin])->restMl(), KeptBatch::from(['residue_ml' => $residue, 'margin_ml' => $margin])->hasRest()];
        self::assertSame([0.9, false], $left(0.5, 0.4));
        self::assertSame([1.0, true], $left(0.5, 0.5));
        self::assertSame([49.3, true], $left(5.8, 43.5));
        self::assertSame([0.0, false], $left(null, null), 'an older version did not say');
    }
}
