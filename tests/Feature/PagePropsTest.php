<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Coat;
use App\Models\Mixing;
use App\Models\Piece;
use App\Models\Pour;
use Database\Seeders\DatabaseSeeder;
use PHPUnit\Framework\Attributes\DataProvider;
use stdClass;
use Tests\Support\HoldsPages;
use Tests\TestCase;

/** What pages are handed is what they say that they are handed: of the demo, and of a studio with nothing in it. */
final class PagePropsTest extends TestCase
{
    use HoldsPages;

    protected string $studio = DatabaseSeeder::class;

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
}
