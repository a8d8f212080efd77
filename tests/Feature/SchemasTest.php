<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\PlanFile\Json;
use App\PlanFile\PlanFile;
use App\Saying\Person;
use BackedEnum;
use OpenGlaze\Core\Answer\Planner;
use OpenGlaze\Core\Answer\ResultDocument;
use OpenGlaze\Core\Batch\BatchPlanner;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Document\PlanDocument;
use OpenGlaze\Core\Film\HeatTool;
use OpenGlaze\Core\Journal\EventKind;
use OpenGlaze\Core\Measuring\MeasuredBy;
use OpenGlaze\Core\Plan\CoatKind;
use OpenGlaze\Core\Plan\Containment;
use OpenGlaze\Core\Plan\Counted;
use OpenGlaze\Core\Plan\Dam;
use OpenGlaze\Core\Plan\EdgeTurn;
use OpenGlaze\Core\Plan\Laying;
use OpenGlaze\Core\Plan\OverHard;
use OpenGlaze\Core\Plan\PieceKind;
use OpenGlaze\Core\Plan\PlanException;
use OpenGlaze\Core\Plan\ResinFamily;
use OpenGlaze\Core\Plan\StepState;
use OpenGlaze\Core\Quantity\UnitSystem;
use OpenGlaze\Core\Range\Ranges;
use OpenGlaze\Core\Range\RangesDocument;
use OpenGlaze\Core\Reading\PlanReader;
use OpenGlaze\Core\Surface\Surface;
use OpenGlaze\Core\Tests\Support\Plans;
use OpenGlaze\Core\Tests\Support\RandomPlans;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use ReflectionClass;
use stdClass;
use Tests\TestCase;

/** Plans and results are as their schemas say, and what the interface knows of them follows from these. */
final class SchemasTest extends TestCase
{
    public function test_every_result_is_as_the_schema_says(): void
    {
        $plans = [Plans::autumnSky(), Plans::full(), Json::read((string) file_get_contents(database_path('demo/tea-room.json')))->raw(), ...array_map(RandomPlans::number(...), range(1, 60))];
        $checked = 0;
        foreach ($plans as $at => $plan) {
            try {
                $result = self::computed($plan);
            } catch (PlanException) {
                continue;
            }
            self::assertNull(self::fault($result), "plan $at");
            $checked++;
        }
        self::assertGreaterThan(30, $checked);
    }

    public function test_ranges_are_as_the_schema_says(): void
    {
        $plan = Plans::autumnSky();
        $result = self::computed($plan);
        $result->ranges = Json::read(json_encode(RangesDocument::of(Ranges::of(PlanDocument::of($plan)), (new PlanReader)->read($plan)), JSON_THROW_ON_ERROR))->raw();
        self::assertNull(self::fault($result));
    }

    public function test_the_schema_sees_what_is_missing_wrong_or_unheard_of(): void
    {
        foreach ([
            'missing' => static function (stdClass $result): void {
                unset($result->coats[0]->mix->a_ml);
            },
            'of another type' => static fn (stdClass $result) => $result->coats[0]->film->rate = 'fast',
            'unheard of' => static fn (stdClass $result) => $result->coats[0]->torch->brand = 'any',
            'no such tool' => static fn (stdClass $result) => $result->coats[0]->torch->tool = 'iron',
        ] as $what => $spoil) {
            $result = self::computed(Plans::autumnSky());
            $spoil($result);
            self::assertNotNull(self::fault($result), $what);
        }
    }

    /** What can be chosen is stated in the schema, and is what the core knows. */
    public function test_the_choices_of_the_plan_schema_are_those_of_the_core(): void
    {
        $schema = Json::read((string) file_get_contents(resource_path('schema/plan.schema.json')));
        foreach (['Surface' => Surface::class, 'PieceKind' => PieceKind::class, 'CoatKind' => CoatKind::class, 'Containment' => Containment::class, 'Dam' => Dam::class, 'Laying' => Laying::class,
            'OverHard' => OverHard::class, 'StepState' => StepState::class, 'ResinFamily' => ResinFamily::class, 'EdgeTurn' => EdgeTurn::class, 'WayName' => MeasuredBy::class, 'HeatTool' => HeatTool::class, 'Counted' => Counted::class] as $title => $enum) {
            self::assertEqualsCanonicalizing(array_map(static fn (BackedEnum $case): string => (string) $case->value, $enum::cases()), $schema->texts("\$defs.$title.enum"), $title);
        }
    }

    public function test_the_journals_schema_has_every_kind_and_says_which_a_device_may_press(): void
    {
        $schema = Json::read((string) file_get_contents(resource_path('schema/journal.schema.json')));
        $value = static fn (EventKind $kind): string => $kind->value;
        self::assertSame(array_map($value, EventKind::cases()), array_map(static fn (Entry $one): ?string => $one->text('properties.kind.const'), $schema->entries('oneOf')));
        self::assertSame(array_map($value, array_values(array_filter(EventKind::cases(), static fn (EventKind $kind): bool => $kind->isPressed()))), $schema->texts('$defs.PressedKind.enum'));
        foreach (EventKind::cases() as $at => $kind) {
            $class = (new ReflectionClass($kind->read(Entry::of())))->getShortName();
            self::assertSame('#/$defs/'.$class, $schema->entries('oneOf')[$at]->text('properties.facts.$ref'), 'the class of its kind bears its name');
        }
    }

    public function test_the_types_of_the_interface_are_those_of_the_schemas(): void
    {
        exec('cd '.escapeshellarg(base_path()).' && node bin/types --check 2>&1', $said, $status);
        self::assertSame(0, $status, implode("\n", $said));
    }

    private static function computed(stdClass $plan): stdClass
    {
        $read = PlanFile::read(Json::file($plan))->plan;
        $coats = (new Planner)->plan($read);

        return Json::read(json_encode(ResultDocument::of($read, new Person(UnitSystem::Metric), $coats, (new BatchPlanner)->plan($read, $coats)), JSON_THROW_ON_ERROR))->raw();
    }

    private static function fault(stdClass $result): ?string
    {
        $error = (new Validator)->validate($result, (string) file_get_contents(resource_path('schema/result.schema.json')))->error();

        return $error === null ? null : (string) json_encode((new ErrorFormatter)->format($error));
    }
}
