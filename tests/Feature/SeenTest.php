<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\JournalEvent;
use App\Saying\Person;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Support\PoursCoats;
use Tests\TestCase;

/** What somebody sees of a film and adds to it, as it is pressed on its page. */
final class SeenTest extends TestCase
{
    use PoursCoats;

    #[TestWith(['15', 'metric', 15.0])]
    #[TestWith(['12,5', 'metric', 12.5])]
    #[TestWith(['2 tbsp', 'metric', 29.5735])]
    #[TestWith(['1/2', 'imperial', 14.7868])]
    #[TestWith(['1 1/2 tsp', 'imperial', 7.3934])]
    #[TestWith(['20 ml', 'imperial', 20.0])]
    public function test_a_top_up_is_read_as_people_write_it(string $written, string $units, float $ml): void
    {
        $pour = $this->poured();
        $this->withCredentials()->withUnencryptedCookie(Person::UNITS_COOKIE, $units);
        $state = $this->press($pour->id, 'topped_up', ['written' => $written]);
        self::assertEqualsWithDelta($ml, $state['seen'][0]['ml'], 1e-3);
        self::assertEqualsWithDelta($ml, $pour->refresh()->added_ml, 1e-3);
    }

    #[TestWith(['some'])]
    #[TestWith(['0'])]
    #[TestWith(['-3 ml'])]
    #[TestWith(['1e9'])]
    #[TestWith(['2 tbsp of it'])]
    #[TestWith(["\0"])]
    public function test_what_is_no_amount_is_refused_and_nothing_is_added(string $written): void
    {
        $pour = $this->poured();
        self::assertSame('no_amount', $this->refused($pour->id, 'topped_up', ['written' => $written]));
        self::assertSame(0.0, $pour->refresh()->added_ml);
        self::assertSame(0, JournalEvent::query()->where('kind', 'topped_up')->count());
    }

    public function test_what_was_added_is_counted_with_what_it_took_and_taken_back_alone(): void
    {
        $pour = $this->poured();
        $first = $this->press($pour->id, 'topped_up', ['written' => '15'])['seen'][0]['event'];
        $this->travel(3)->minutes();
        $this->press($pour->id, 'topped_up', ['ml' => 4.5]);
        self::assertSame(19.5, $pour->refresh()->added_ml);
        $seen = $this->press($pour->id, 'undone', ['of' => $first])['seen'];
        self::assertSame([4.5], array_column($seen, 'ml'));
        self::assertSame(4.5, $pour->refresh()->added_ml);
    }

    public function test_nothing_is_added_to_what_is_not_poured_yet_but_bubbles_can_be_seen_in_it(): void
    {
        $pour = $this->started($this->autumnSky());
        self::assertSame('not_poured', $this->refused($pour->id, 'topped_up', ['written' => '15']));
        $state = $this->press($pour->id, 'observed', ['what' => 'bubbles', 'text' => '']);
        self::assertSame(['bubbles'], array_column($state['seen'], 'what'));
        self::assertSame('no_reason', $this->refused($pour->id, 'observed', ['what' => ' ', 'text' => "\n"]));
    }

    public function test_long_words_are_cut_and_foreign_facts_are_not_kept(): void
    {
        $pour = $this->poured();
        $this->press($pour->id, 'observed', ['what' => str_repeat('w', 90), 'text' => str_repeat('ä', 900), 'photo' => 'x.jpg', 'ml' => 12]);
        $facts = JournalEvent::query()->where('kind', 'observed')->sole()->facts;
        self::assertSame(['what', 'text'], array_keys($facts->fields()));
        self::assertSame([40, 500], [mb_strlen($facts->value('what')), mb_strlen($facts->value('text'))]);
        self::assertSame(0.0, $pour->refresh()->added_ml, 'seeing adds nothing');
    }

    public function test_what_was_seen_stands_in_the_log_after_all_is_written_down(): void
    {
        $pour = $this->poured();
        $this->travel(20)->minutes();
        $this->press($pour->id, 'observed', ['what' => 'fisheyes', 'text' => 'left corner']);
        $this->press($pour->id, 'took', ['a' => ['ml' => 300, 'how' => 'read'], 'b' => ['how' => 'unknown']]);
        $this->travel(40)->hours();
        $log = $this->get("/pieces/{$pour->piece_id}/history")->viewData('page')['props']['pours'];
        self::assertSame(['left corner'], array_map(static fn (object $one): string => $one->text, $log[0]['seen']));
        self::assertSame([300.0, 'read', null, 'unknown'], [$pour->refresh()->used_a_ml, $pour->used_a_how, $pour->used_b_ml, $pour->used_b_how]);
    }

    public function test_what_it_took_is_said_bit_by_bit_and_the_last_word_counts(): void
    {
        $pour = $this->poured();
        $this->press($pour->id, 'took', ['a' => ['ml' => 300, 'how' => 'read'], 'note' => 'Even.', 'tray_g' => 12.5]);
        $written = $pour->refresh()->written_at;
        $this->travel(1)->minutes();
        $this->press($pour->id, 'took', ['b' => ['ml' => 150, 'how' => 'weighed']]);
        $this->travel(1)->minutes();
        $this->press($pour->id, 'took', ['a' => ['ml' => 310, 'how' => 'weighed']]);
        $pour->refresh();
        self::assertSame([310.0, 'weighed', 150.0, 'Even.', 12.5], [$pour->used_a_ml, $pour->used_a_how, $pour->used_b_ml, $pour->note, $pour->tray_g]);
        self::assertEquals($written, $pour->written_at, 'it was first written down then');
        foreach ([['a' => ['ml' => -1, 'how' => 'read']], ['tray_g' => 1e9], ['b' => ['how' => 'weighed']]] as $wrong) {
            self::assertSame('no_amount', $this->refused($pour->id, 'took', $wrong));
        }
    }
}
