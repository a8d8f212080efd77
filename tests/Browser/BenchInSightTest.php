<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\Page;

/** From the first gram until it can be handled: what is mixed and wet stays on Now, and what was not done is said. */
final class BenchInSightTest extends BrowserTestCase
{
    public function test_at_each_step_now_tells_the_truth(): void
    {
        $page = $this->open('/');
        self::assertStringContainsString('One piece wants a hand within the hour', $page->text('h1'));
        self::assertFalse($page->sees('Cup of'));

        // half weighed
        $cup = $this->cupOfSpares($page);
        $this->weigh($page);
        $this->open('/');
        $page->untilSees('Half weighed, begun');
        $page->press('link', 'Cup of Even Coat');
        $this->weigh($page);

        // mixed, and not poured
        $page->press('button', 'I am stirring');
        $page->press('button', 'It is mixed already');
        $page->untilSees('It has stood for');
        $this->open('/');
        self::assertSame('One cup stands mixed: pour it', $page->text('h1'));
        $page->untilSees('of its pot life left');
        // what is still on its way would come after the time that goes by
        $page->until(static fn (): bool => self::$studio->value("select mixed_at from mixings where id = '$cup'") !== '', 'the studio to have heard of it');
        $this->passes($cup, 4 * 60);
        $this->open('/');
        $page->untilSees('past its pot life: pour it out thin');
        self::assertFalse($page->sees('Nothing is setting'));
        $this->passes($cup, -4 * 60);

        // at the bench it leads to its cup while its colours are not weighed, and is poured by one press when they are
        $this->open('/run');
        $page->press('button', 'To the cup');
        while (! $page->has('button', 'To the pour')) {
            $this->weigh($page);
        }
        $this->open('/run');
        $page->press('button', 'Pour it');
        $page->untilSees('Pour and spread');
        $page->until(static fn (): bool => str_contains($page->driver->getCurrentURL(), '/pours/'), 'its address');
        $film = basename((string) parse_url($page->driver->getCurrentURL(), PHP_URL_PATH));
        $this->open('/');
        self::assertSame('One pour is under way', $page->text('h1'));
        self::assertStringContainsString('of open time left', $this->row($page));

        // on the piece; writing down what it took does not take it out of sight
        $page->press('link', 'Moon phases, spare');
        $page->press('button', 'It is all on the piece');
        $page->untilSees('The film heals for another');
        $this->open("/pours/$film/finish");
        $page->press('button', 'Write it down');
        $page->untilSees('Written down.');
        $this->open('/');
        self::assertStringContainsString('Wet', $this->row($page));

        // nobody came: what was missed is said as missed, here and in the log
        $this->passes($film, 3 * 60);
        $this->open('/');
        self::assertMatchesRegularExpression('/Tacky, window open .* acts were missed/', $this->row($page));
        self::assertStringContainsString('Cover it', $this->row($page), 'it can still be covered');
        $page->press('link', 'Moon phases, spare');
        $page->until(fn (): bool => $page->js('return document.querySelectorAll("[aria-label=missed]").length') >= 2, 'what was missed, on its page');
        $page->press('button', 'Done');
        $page->until(fn (): bool => ! $page->has('button', 'Done'), 'nothing more to do');

        // its window opens and shuts, and it is still there
        foreach ([6 => 'Window open', 15 => 'Window shut', 8 => 'Hard'] as $hours => $phase) {
            $this->passes($film, 60 * $hours);
            $this->open('/');
            self::assertStringContainsString($phase, $this->row($page));
        }

        // it can be handled, and all is written down: only now it leaves
        $this->passes($film, 60 * 12);
        $this->open('/');
        self::assertStringNotContainsString('Moon phases, spare', $page->text('main ol'));
        $this->open('/pieces/spares/history');
        $page->untilSees('missed');
        self::assertTrue($page->sees('A and B: weighed.'));
        self::assertFalse($page->sees('acts were done in their time'));
    }

    public function test_what_is_seen_and_added_stands_with_its_time_and_can_be_taken_back(): void
    {
        $film = self::$studio->path('/pours/moon-study-flood');
        $page = $this->open($film);
        $page->js("[...document.querySelectorAll('summary')].find((one) => one.textContent.includes('Say what you see')).click()");
        $page->press('button', 'Dust in it');
        $page->type('Something else', 'A hair near the left corner');
        $page->press('button', 'Keep it');
        $page->type('Topped up with', 'some');
        $page->press('button', 'Added');
        $page->untilSees('Topped up with some, Moon study');
        self::assertTrue($page->sees('Write an amount above nothing'), 'what was typed stands, with why it was not taken');
        $page->press('button', 'Put away');
        $page->type('Topped up with', '1/2 fl oz');
        $page->press('button', 'Added');
        $page->untilSees('Topped up with 14.8 ml');
        $page->press('button', 'Take back: Dust in it');
        $said = static fn (string $selector): bool => (bool) $page->js("return [...document.querySelectorAll(arguments[0])].some((one) => one.textContent.includes('Dust in it'))", $selector);
        $page->until(static fn (): bool => ! $said('[aria-label="Seen and added"]'), 'it to be taken back');
        $id = basename($film);
        $page->until(fn (): bool => (float) self::$studio->value("select added_ml from pours where id = '$id'") > 14.786, 'the studio to know what was added');
        $page->until(fn (): bool => (int) self::$studio->value("select count(*) from events where subject = '$id' and kind = 'undone'") === 1, 'the studio to know what was taken back');
        $this->open('/pieces/moon-study/history');
        $page->untilSees('Topped up with 14.8 ml');
        self::assertTrue($page->sees('A hair near the left corner'));
        self::assertFalse($page->sees('Dust in it'));
        $page->press('button', 'Erase these words for good');
        $page->until(static fn (): bool => ! $page->sees('A hair near'), 'the words to be gone');
        self::assertTrue($page->sees('Topped up with 14.8 ml'));
    }

    public function test_what_is_not_written_down_waits_and_can_be_put_off_the_bench_and_back(): void
    {
        $page = $this->open('/');
        $this->passes(basename(self::$studio->path('/pours/moon-study-flood')), 60 * 48);
        $page = $this->open('/');
        $page->untilSees('Can be handled');
        $page->untilSees('Write down what it took');
        $page->press('button', 'Off the bench');
        $page->until(fn (): bool => ! str_contains($page->text('main ol'), 'Moon study'), 'it to be off the bench');
        $page->until(fn (): bool => (int) self::$studio->database()->query("select count(*) from pours where title = 'Moon study' and off_at is not null and written_at is null")->fetchColumn() === 1, 'the studio to know');
        $this->open('/pieces/moon-study/history');
        $page->untilSees('Write down what it took');
    }

    /** Opens the cup that the spare tiles are mixed in, ready to be weighed by hand. @return string its id */
    private function cupOfSpares(Page $page): string
    {
        $this->open('/plans/1/evening');
        $page->press('button', 'Choose what is poured');
        $page->untilSees('Star charts, flood coat');
        foreach (['Star charts, flood coat', 'Pendants, dome', 'Moon phases, base coat'] as $off) {
            $page->js('const row = [...document.querySelectorAll("label")].find((one) => one.innerText.includes(arguments[0])); const box = row?.querySelector("input"); if (box?.checked) box.click()', $off);
        }
        $page->press('button', 'Propose the cups');
        $page->untilSees('One cup');
        $page->press('button', 'Weigh it');
        $page->press('button', 'Begin');
        $page->untilSees('To its mark');

        return basename((string) parse_url($page->driver->getCurrentURL(), PHP_URL_PATH));
    }

    /** Whatever is next comes to its mark. */
    private function weigh(Page $page): void
    {
        $page->until(fn (): bool => $page->has('button', 'To its mark') || $page->has('button', 'They are in') || $page->has('button', 'Begin'), 'something to weigh');
        if ($page->has('button', 'Begin')) {
            $page->press('button', 'Begin');
        }
        $page->until(fn (): bool => $page->has('button', 'To its mark') || $page->has('button', 'They are in'), 'a step');
        $before = $page->text('main h2');
        if ($page->has('button', 'They are in')) {
            $page->press('button', 'They are in');
        } else {
            self::assertSame(1, preg_match('/[\d.]+/', $page->text('main p.figure.measured'), $found));
            $page->wentIn($found[0]);
        }
        $page->until(fn (): bool => $page->text('main h2') !== $before, 'the next step');
    }

    /** So many minutes go by for one film or cup: all that happened to it happened so much earlier. */
    private function passes(string $subject, int $minutes): void
    {
        $ms = 60_000 * $minutes;
        self::$studio->database()->exec("update events set pressed_ms = pressed_ms - $ms, heard_ms = heard_ms - $ms, facts = case when kind = 'pour_begun' and json_extract(facts, '$.started_ms') is not null then json_set(facts, '$.started_ms', json_extract(facts, '$.started_ms') - $ms) else facts end where subject = '$subject'");
        self::$studio->rebuild();
    }

    private function row(Page $page): string
    {
        return (string) $page->js('return [...document.querySelectorAll("main ol > li")].find((row) => row.innerText.includes("Moon phases, spare"))?.innerText.replace(/\s+/g, " ") ?? ""');
    }
}
