<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Coat;
use App\Models\Mixing;
use App\Models\Piece;
use App\Models\Pour;
use Database\Seeders\DatabaseSeeder;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use stdClass;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** What pages are handed is what they say that they are handed: of the demo, and of a studio with nothing in it. */
final class PagePropsTest extends TestCase
{
    protected string $studio = DatabaseSeeder::class;

    /** What every page knows, and Inertia's own. */
    private const SHARED = ['units', 'studio_id', 'studio', 'no_substitute', 'said', 'undo', 'errors'];

    private static ?stdClass $pages = null;

    public static function setUpBeforeClass(): void
    {
        parent::setUpBeforeClass();
        $root = __DIR__.'/../..';
        $text = (new Process(['node', 'tests/Feature/Pages/schema.mjs'], $root))->mustRun()->getOutput();
        $pages = json_decode($text, flags: JSON_THROW_ON_ERROR);
        self::assertInstanceOf(stdClass::class, $pages);
        self::$pages = $pages;
    }

    /** @return iterable<string, array{callable(): list<string>}> */
    public static function addresses(): iterable
    {
        yield 'now, pieces, the shelf, the studio' => [static fn (): array => ['/', '/run', '/pieces', '/pieces?find=sky&plan=1', '/pieces/new', '/shelf', '/shelf?tab=vessels', '/studio']];
        yield 'every piece' => [static fn (): array => Piece::query()->get()->flatMap(fn (Piece $piece): array => ["/pieces/{$piece->id}", "/pieces/{$piece->id}/history", ...$piece->spec->has('outline') ? ["/pieces/{$piece->id}/template"] : []])->all()];
        yield 'every coat' => [static fn (): array => Coat::query()->get()->flatMap(fn (Coat $coat): array => ["/coats/{$coat->id}", "/coats/{$coat->id}/mix"])->all()];
        yield 'every pour' => [static fn (): array => Pour::query()->get()->flatMap(fn (Pour $pour): array => ["/pours/{$pour->id}", "/pours/{$pour->id}/finish"])->all()];
        yield 'the evening, its paper and every cup' => [static fn (): array => ['/plans/1/evening', '/plans/1/evening/sheet', '/plans/1/batches/batch-1', '/plans/1/batches/batch-2']];
    }

    /** @param  callable(): list<string>  $addresses */
    #[DataProvider('addresses')]
    public function test_every_page_of_the_demo_is_handed_what_it_says(callable $addresses): void
    {
        foreach ($addresses() as $url) {
            $this->hold($url);
        }
    }

    public function test_a_cup_while_it_is_weighed_and_a_pour_out_of_it(): void
    {
        $this->postJson('/plans/1/batches/batch-1/mixings')->assertRedirect();
        $mixing = Mixing::query()->latest('rowid')->firstOrFail();
        $this->hold("/mixings/{$mixing->id}");
        foreach (['a', 'b'] as $step) {
            $this->press($mixing->id, 'weighed', ['step' => $step, 'as_meant' => true]);
        }
        $this->press($mixing->id, 'mixed');
        $this->hold("/mixings/{$mixing->id}");
        $this->postJson("/mixings/{$mixing->id}/pours", ['studio' => new stdClass, 'reason' => 'to see it'])->assertRedirect();
        $this->hold('/');
        $this->hold('/pours/'.$mixing->pours()->firstOrFail()->id);
    }

    private function hold(string $url): void
    {
        $page = $this->get($url)->assertOk()->viewData('page');
        self::assertIsArray($page);
        $props = json_decode((string) json_encode($page['props'], JSON_PRESERVE_ZERO_FRACTION), flags: JSON_THROW_ON_ERROR);
        self::assertInstanceOf(stdClass::class, $props);
        foreach (self::SHARED as $shared) {
            unset($props->{$shared});
        }
        $says = self::$pages->properties->{$page['component']} ?? null;
        self::assertInstanceOf(stdClass::class, $says, $page['component']);
        self::assertSame([], array_values(array_diff(array_keys(get_object_vars($props)), array_keys(get_object_vars($says->properties)))), "$url: handed and never asked for");
        $error = (new Validator)->validate($props, $says)->error();
        self::assertSame('', $error === null ? '' : $url.' '.json_encode((new ErrorFormatter)->format($error), JSON_UNESCAPED_SLASHES));
    }
}
