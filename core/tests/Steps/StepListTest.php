<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Steps;

use OpenGlaze\Core\Plan\StepState;
use OpenGlaze\Core\Steps\PlannedStep;
use OpenGlaze\Core\Steps\StepList;
use OpenGlaze\Core\Tests\Support\English;
use OpenGlaze\Core\Tests\Support\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What each coat wants done, by its surface, its kind and what lies below. */
final class StepListTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, list<array<string, mixed>>, list<string>}> plan, coats, steps of the last coat */
    public static function coats(): iterable
    {
        $casting = ['/pieces/0/kind' => 'casting', '/pieces/0/surface' => 'sealed', '/pieces/0/face_down' => true, '/pieces/0/coated_edges' => 'none'];
        $dammed = ['containment' => 'dammed'];
        yield from [
            'a primed canvas' => [[], [[]], ['clean', 'support', 'raise', 'level']],
            'a raw board' => [['/pieces/0/surface' => 'raw_mdf', '/pieces/0/kind' => 'board'], [[]], ['seal_twice', 'clean', 'raise', 'level']],
            'an old painted board' => [['/pieces/0/surface' => 'old_paint', '/pieces/0/kind' => 'board'], [[]], ['sand', 'seal_twice', 'clean', 'raise', 'level']],
            'its seal coat' => [['/pieces/0/surface' => 'raw_mdf', '/pieces/0/kind' => 'board'], [['kind' => 'seal']], ['clean', 'raise']],
            'a print' => [['/pieces/0/surface' => 'unsealed_paper', '/pieces/0/kind' => 'print', '/pieces/0/coated_edges' => 'none'], [['containment' => 'held']], ['glue_down', 'seal_twice', 'clean', 'level']],
            'an old film' => [['/pieces/0/surface' => 'cured_resin', '/pieces/0/kind' => 'board'], [[]], ['sand', 'clean', 'raise', 'level']],
            'a next coat' => [['/pieces/0/kind' => 'board'], [[], []], ['window_or_sand', 'raise', 'level']],
            'wiped only' => [['/pieces/0/kind' => 'board'], [[], ['over_hard' => 'wipe']], ['wipe', 'raise', 'level']],
            'after oil' => [['/pieces/0/kind' => 'board'], [[], ['after_oil' => true]], ['degrease', 'sand', 'raise', 'level']],
            'the face of a casting' => [$casting, [$dammed], ['clean', 'release', 'level', 'demould']],
            'its dome' => [[...$casting, '/pieces/0/kind' => 'casting'], [$dammed, ['kind' => 'dome', 'containment' => 'held', 'turn_first' => true]], ['turn', 'wash_release', 'file_lip', 'sand', 'level']],
            'behind tape' => [['/pieces/0/kind' => 'tabletop', '/pieces/0/surface' => 'sealed'], [['containment' => 'dammed', 'dam' => 'tape']], ['clean', 'dam_tape', 'check_leaks', 'level', 'strip_dam']],
            'taped below' => [['/pieces/0/kind' => 'board'], [['tape_underside' => true]], ['clean', 'tape_underside', 'raise', 'level', 'pull_tape']],
            'a vase' => [['/pieces/0/outline' => null, '/pieces/0/coated_edges' => 'none', '/pieces/0/kind' => 'vessel', '/pieces/0/measure' => (object) ['cylinder' => (object) ['diameter_mm' => 80, 'height_mm' => 150]], '/pieces/0/surface' => 'printed_plastic'], [['containment' => 'placed', 'laying' => 'brush']], ['clean', 'water_test']],
            'dry media on a hard film' => [['/pieces/0/kind' => 'board'], [[], ['dry_media' => 'brass mica']], ['window_or_sand', 'dry_media', 'raise', 'level']],
            'a tag with a hole' => [['/pieces/0/outline/holes' => [(object) ['shape' => 'circle', 'diameter_mm' => 9, 'x_mm' => 20, 'y_mm' => 20]], '/pieces/0/kind' => 'other', '/pieces/0/coated_edges' => 'none'], [['containment' => 'held']], ['clean', 'level', 'open_holes']],
            'things in it' => [['/pieces/0/kind' => 'other', '/pieces/0/coated_edges' => 'none'], [[...$dammed, 'dam' => 'lip', 'size_by' => (object) ['thickness_mm' => 3], 'inclusions' => [
                (object) ['name' => 'cork', 'volume_ml' => 2, 'floats' => true], (object) ['name' => 'moss', 'volume_ml' => 2, 'drinks' => true],
                (object) ['name' => 'gear', 'volume_ml' => 2], (object) ['name' => 'star', 'volume_ml' => 1, 'on_top' => true]]]], ['clean', 'lip', 'seal_inclusions', 'glue_inclusions', 'set_inclusions', 'level', 'place_on_top']],
        ];
    }

    /**
     * @param  array<string, mixed>  $changes
     * @param  list<array<string, mixed>>  $coats
     * @param  list<string>  $steps
     */
    #[DataProvider('coats')]
    public function test_the_rules_name_what_is_to_be_done_in_its_order(array $changes, array $coats, array $steps): void
    {
        $results = Plans::stack($changes, ...$coats);
        self::assertSame($steps, array_map(static fn (PlannedStep $step): string => $step->id, StepList::of($results[count($results) - 1]->case)));
    }

    public function test_what_the_person_said_of_a_step_stands_by_it_and_their_own_are_added(): void
    {
        $result = Plans::stack([], ['steps' => [
            (object) ['step' => 'clean', 'state' => 'done'],
            (object) ['step' => 'raise', 'state' => 'skipped', 'reason' => 'it hangs on the wall'],
            (object) ['step' => 'gone', 'state' => 'done'],
            (object) ['text' => 'Brush the mica in, blow off the rest', 'state' => 'done'],
            (object) ['text' => 'Fit the hanger', 'after' => true],
        ]])[0];
        $steps = array_column(array_map(static fn (PlannedStep $step): array => [$step->id, [$step->state, $step->reason, $step->after, English::say($step->title)]], StepList::of($result->case)), 1, 0);
        self::assertSame(StepState::Done, $steps['clean'][0]);
        self::assertSame([StepState::Skipped, 'it hangs on the wall'], array_slice($steps['raise'], 0, 2));
        self::assertSame(StepState::Open, $steps['level'][0]);
        self::assertSame('Brush the mica in, blow off the rest', $steps['own-4'][3]);
        self::assertSame([StepState::Open, null, true, 'Fit the hanger'], $steps['own-5']);
        self::assertArrayNotHasKey('gone', $steps, 'what no rule asks for any more is not shown');
        self::assertSame('own-5', array_key_last($steps));
    }
}
