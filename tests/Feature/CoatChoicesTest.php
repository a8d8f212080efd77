<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Planning\CoatChoices;
use OpenGlaze\Core\Plan\Containment;
use OpenGlaze\Core\Plan\PlanException;
use OpenGlaze\Core\Reading\PlanReader;
use OpenGlaze\Core\Tests\Support\Plans;
use PHPUnit\Framework\TestCase;

/** What a page offers is what the reader of plans takes: neither more nor less. */
final class CoatChoicesTest extends TestCase
{
    public function test_a_size_is_offered_exactly_where_a_plan_may_say_it(): void
    {
        foreach (CoatChoices::all()['sizes'] as $size) {
            foreach (Containment::cases() as $containment) {
                self::assertSame(
                    $size['needs'] === null || $size['needs'] === $containment->value,
                    ! self::isRefused(['/coats/0/size_by' => (object) [$size['value'] => 2.0], '/coats/0/containment' => $containment->value], '/size_by/'.$size['value']),
                    $size['value'].' of a film that is '.$containment->value,
                );
            }
            self::assertSame(
                $size['can_be_mixed'],
                ! self::isRefused(['/coats/0/size_by' => (object) [$size['value'] => 2.0, 'counted' => 'mixed']], '/size_by/counted'),
                $size['value'].' counted as mixed',
            );
        }
    }

    public function test_a_kind_is_offered_exactly_with_the_ends_that_a_plan_takes(): void
    {
        foreach (CoatChoices::all()['kinds'] as $kind) {
            foreach (Containment::cases() as $containment) {
                self::assertSame(
                    $kind['needs'] === null || $kind['needs'] === $containment->value,
                    ! self::isRefused(['/coats/0/kind' => $kind['value'], '/coats/0/containment' => $containment->value], '/containment'),
                    $kind['value'].' that is '.$containment->value,
                );
            }
        }
    }

    /** @param  array<string, mixed>  $changes */
    private static function isRefused(array $changes, string $at): bool
    {
        try {
            (new PlanReader)->read(Plans::with($changes));
        } catch (PlanException $exception) {
            foreach ($exception->faults as $fault) {
                if (str_ends_with($fault->pointer, $at)) {
                    return true;
                }
            }
        }

        return false;
    }
}
