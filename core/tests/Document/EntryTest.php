<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Document;

use OpenGlaze\Core\Document\CoatEntry;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Tests\Support\RandomPlans;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use stdClass;

/** Objects of a file as values: nothing that is asked or changed of one is seen in another. */
final class EntryTest extends TestCase
{
    public function test_another_value_leaves_all_else_as_it_was_written(): void
    {
        foreach (range(1, 40) as $number) {
            $random = new Randomizer(new Mt19937($number));
            $plan = Entry::of(RandomPlans::number($number));
            $written = json_encode($plan);
            $paths = self::paths($plan->raw());
            $path = $paths[$random->getInt(0, count($paths) - 1)];
            $changed = $plan->with($path, 'another');
            self::assertSame($written, json_encode($plan), 'the one before stays');
            self::assertSame('another', $changed->text($path), $path);
            foreach (array_diff($paths, [$path]) as $other) {
                if (! str_starts_with($other, $path.'.') && ! str_starts_with($path, $other.'.')) {
                    self::assertEquals($plan->value($other), $changed->value($other), "$other beside $path");
                }
            }
            self::assertEquals($plan, $changed->with($path, $plan->value($path)), 'and back');
        }
    }

    public function test_objects_on_a_way_that_is_not_there_are_made(): void
    {
        self::assertSame('{"film":{"thickness":{"mm":2}}}', json_encode(Entry::of()->with('film.thickness.mm', 2)));
        self::assertSame('{"coats":[{"cups":1},{"cups":2}]}', json_encode(Entry::from(['coats' => [['cups' => 1], ['cups' => 1]]])->with('coats.1.cups', 2)));
    }

    public function test_what_is_not_there_or_is_something_else_is_nothing(): void
    {
        $entry = Entry::from(['name' => 'tide', 'film' => ['mm' => 1.5, 'coats' => 2.6], 'parts' => [['share' => 1], 'loose', ['share' => 2]], 'gone' => null, 'yes' => true]);
        self::assertSame(['tide', null, null], [$entry->text('name'), $entry->text('film'), $entry->text('film.mm')]);
        self::assertSame([1.5, null, null, null], [$entry->number('film.mm'), $entry->number('name'), $entry->number('film.mm.more'), $entry->number('gone')]);
        self::assertSame([3, null], [$entry->whole('film.coats'), $entry->whole('name')]);
        self::assertSame([1.0, 2.0], array_map(static fn (Entry $part): ?float => $part->number('share'), $entry->entries('parts')));
        self::assertSame(['loose'], $entry->texts('parts'));
        self::assertSame([true, false, true], [$entry->at('none')->isEmpty(), $entry->at('film')->isEmpty(), $entry->at('name')->isEmpty()]);
        self::assertNull($entry->entry('name'));
        self::assertSame([true, false], [$entry->has('gone'), $entry->has('none')]);
        self::assertSame([true, false], [$entry->isTrue('yes'), $entry->isTrue('name')]);
        self::assertNull(Entry::of((object) ['mm' => INF])->number('mm'));
    }

    public function test_changes_laid_over_an_object_touch_what_they_name(): void
    {
        $kept = Entry::from(['size_by' => ['thickness_mm' => 2.0, 'usual' => true], 'mood' => ['calm' => 1.0], 'runoff_pct' => 5]);
        $laid = $kept->over(Entry::from(['size_by' => ['thickness_mm' => 2, 'usual' => null], 'runoff_pct' => null, 'parts' => [['share_pct' => 40]]]));
        self::assertSame('{"size_by":{"thickness_mm":2.0},"mood":{"calm":1.0},"parts":[{"share_pct":40}]}', json_encode($laid, JSON_PRESERVE_ZERO_FRACTION), 'a number that is the same stays as it was written');
        self::assertSame(true, $kept->value('size_by.usual'), 'the one before stays');
        self::assertEquals($kept, $kept->over(Entry::of()));
        self::assertEquals($laid, $laid->over(Entry::of())->over($laid), 'what is there already changes nothing');
    }

    public function test_an_empty_object_is_no_empty_list(): void
    {
        $text = '{"none":{},"list":[],"deep":{"none":{}}}';
        $entry = Entry::of(json_decode($text, flags: JSON_THROW_ON_ERROR));
        self::assertSame($text, json_encode($entry));
        self::assertSame($text, json_encode(Entry::from($entry->fields())));
        self::assertSame($text, json_encode($entry->with('none', $entry->value('none'))));
        self::assertSame('{"7":"by number"}', json_encode(Entry::from([7 => 'by number'])));
    }

    public function test_a_kind_of_entry_stays_that_kind(): void
    {
        $coat = CoatEntry::from(['kind' => 'top', 'steps' => [], 'zone' => ['layer' => 2], 'mood' => 'calm']);
        self::assertSame('top', $coat->with('mood', 'wild')->toBeDone()->kind());
        self::assertSame('{"kind":"top","mood":"calm"}', json_encode($coat->forAnyPiece()));
        self::assertSame('flood', CoatEntry::of()->kind());
    }

    /** @return list<string> of every value that an object holds */
    private static function paths(mixed $of, string $under = ''): array
    {
        $paths = [];
        foreach ($of instanceof stdClass ? get_object_vars($of) : (is_array($of) ? $of : []) as $name => $value) {
            $paths = [...$paths, $under.$name, ...self::paths($value, $under.$name.'.')];
        }

        return $paths;
    }
}
