<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Editing\Difference;
use OpenGlaze\Core\Document\Entry;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** In which fields two versions of a row differ: what stale writes are judged by. */
final class DifferenceTest extends TestCase
{
    public function test_what_is_said_of_two_versions_turns_the_one_into_the_other(): void
    {
        $random = new Randomizer(new Mt19937(3));
        for ($times = 0; $times < 300; $times++) {
            $before = $this->made($random, 3);
            $after = $this->changed($random, $before);
            $difference = Difference::between($before, $after);
            $made = $before;
            foreach ($difference as $path => $change) {
                $made = $made->with($path, $change['to']);
            }
            self::assertSame([], Difference::between($made, $after));
            $back = Difference::between($after, $before);
            self::assertSame(array_keys($difference), array_keys($back), 'the way back names the same fields');
            foreach ($difference as $path => $change) {
                self::assertEquals([$change['to'], $change['from']], [$back[$path]['from'], $back[$path]['to']]);
            }
        }
    }

    public function test_nothing_differs_from_itself_and_a_whole_number_from_its_decimal(): void
    {
        $random = new Randomizer(new Mt19937(5));
        for ($times = 0; $times < 100; $times++) {
            $one = $this->made($random, 3);
            self::assertSame([], Difference::between($one, $one));
        }
        self::assertSame([], Difference::between(Entry::from(['mm' => 2]), Entry::from(['mm' => 2.0])));
        self::assertSame(['mm'], array_keys(Difference::between(Entry::from(['mm' => '2']), Entry::from(['mm' => 3]))));
        self::assertSame(['gone'], array_keys(Difference::between(Entry::from(['gone' => 1]), Entry::of())));
    }

    public function test_fields_touch_where_one_holds_the_other_and_not_where_their_names_begin_alike(): void
    {
        foreach ([['size_by', 'size_by.thickness_mm'], ['size_by.thickness_mm', 'size_by'], ['cups', 'cups']] as [$one, $other]) {
            self::assertTrue(Difference::touches($one, $other), "$one and $other");
        }
        foreach ([['cup', 'cups'], ['size_by.ml', 'size_by.ml_per_piece'], ['a', 'b'], ['size_by.thickness_mm', 'size_by.ml_per_piece']] as [$one, $other]) {
            self::assertFalse(Difference::touches($one, $other), "$one and $other");
        }
    }

    public function test_what_a_change_writes_touches_all_that_it_changes(): void
    {
        $random = new Randomizer(new Mt19937(9));
        for ($times = 0; $times < 200; $times++) {
            $before = $this->made($random, 2);
            $change = $this->made($random, 2);
            $paths = Difference::paths($change);
            $after = Entry::from(array_replace($before->fields(), $change->fields()));
            foreach (array_keys(Difference::between($before, $after)) as $path) {
                $touched = array_filter($paths, static fn (string $one): bool => Difference::touches($one, $path));
                $gone = ! $change->has(explode('.', $path)[0]) || $this->isUnder($change, $path);
                self::assertTrue($touched !== [] || $gone, "$path by ".implode(', ', $paths));
            }
        }
    }

    /** Whether the change put another object where one stood: the fields of the old one go with it. */
    private function isUnder(Entry $change, string $path): bool
    {
        return $change->entry(explode('.', $path)[0]) !== null;
    }

    private function made(Randomizer $random, int $deep): Entry
    {
        $made = [];
        for ($fields = $random->getInt(1, 4); $fields > 0; $fields--) {
            $made['f'.$random->getInt(1, 5)] = match ($random->getInt(0, $deep > 0 ? 5 : 4)) {
                0 => $random->getInt(-5, 5),
                1 => $random->getInt(-50, 50) / 4,
                2 => 'word '.$random->getInt(1, 3),
                3 => null,
                4 => [$random->getInt(1, 3), 'b'],
                default => $this->made($random, $deep - 1),
            };
        }

        return Entry::from($made);
    }

    private function changed(Randomizer $random, Entry $one): Entry
    {
        $changed = $one->fields();
        foreach ($changed as $field => $was) {
            $changed[$field] = match ($random->getInt(0, 3)) {
                0 => $random->getInt(6, 9),
                1 => null,
                2 => $was instanceof Entry ? $this->changed($random, $was) : $was,
                default => $was,
            };
        }
        $changed['f'.$random->getInt(6, 7)] = 'new';

        return Entry::from($changed);
    }
}
