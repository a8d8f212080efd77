<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Page;

/** A cup at the bench while the studio's server is dead: what hands do goes on, with its own times. */
final class DeadStudioTest extends BrowserTestCase
{
    protected function tearDown(): void
    {
        // the next one finds it alive, whatever became of this one
        self::$studio->kill();
        self::$studio->serve();
    }

    public function test_a_cup_is_weighed_stirred_and_mixed_through_an_outage(): void
    {
        $page = $this->open('/plans/1/batches/batch-3');
        $page->press('button', 'Weigh it');
        $page->press('button', 'Begin');
        $page->untilSees('Pour part A');
        $page->until(static fn (): bool => $page->js('return navigator.serviceWorker.ready.then(() => true)') === true, 'the worker');
        $address = $page->driver->getCurrentURL();
        $page->until(static fn (): bool => $page->js('return caches.match(location.href, { ignoreVary: true }).then((one) => one !== undefined)') === true, 'the page to be kept');
        $cup = basename($address);

        // part A while nobody answers
        self::$studio->kill();
        $asked = $this->shown($page);
        $at = $this->now($page);
        $page->wentIn($asked);
        $page->untilSees('What you weigh is kept here');
        $page->untilSees('1 press waiting');
        // a page of the cup is there again without a network, and still knows of it
        $page->driver->get($address);
        $page->untilSees('1 press waiting');
        self::$studio->serve();
        $page->js("window.dispatchEvent(new Event('online'))");
        $page->untilSees('Pour part B');
        self::assertEqualsWithDelta($at, (int) self::$studio->value("select pressed_ms + offset_ms from events where subject = '$cup' and kind = 'weighed'"), 4000, 'it was weighed then, not when it was heard of');

        // part B with the studio there, then the end of the stirring without it
        $page->wentIn($this->shown($page));
        $page->untilSees('I am stirring');
        self::$studio->kill();
        $page->press('button', 'I am stirring');
        $page->untilSees('It is mixed already');
        $mixed = $this->now($page);
        $page->press('button', 'It is mixed already');
        $page->untilSees('2 presses waiting');
        self::assertFalse($page->has('button', 'It is mixed already'), 'it is mixed here at once');
        self::assertSame('', self::$studio->value("select coalesce(mixed_at, '') from mixings where id = '$cup'"));

        // and Now, as it was kept, knows that resin stands mixed
        $page->press('link', 'Now');
        $page->untilSees('One cup stands mixed');
        self::$studio->serve();
        $page->js("window.dispatchEvent(new Event('online'))");
        $page->until(fn (): bool => self::$studio->value("select coalesce(mixed_at, '') from mixings where id = '$cup'") !== '', 'the studio to know');
        $kinds = array_column(self::$studio->rows("select kind, pressed_ms + offset_ms as at from events where subject = '$cup' order by number"), 'at', 'kind');
        self::assertSame(['mixing_begun', 'weighed', 'stirring_begun', 'mixed'], array_keys($kinds));
        self::assertEqualsWithDelta($mixed, (int) $kinds['mixed'], 4000);
        self::assertTrue($page->sees('One cup stands mixed'));
        self::assertGreaterThan(0, (int) self::$studio->value("select count(*) from events where kind = 'taken'"), 'and took it from the bottles');
    }

    public function test_what_is_typed_into_a_plan_while_nobody_answers_is_not_lost(): void
    {
        $page = $this->open('/coats/winter-flood');
        $page->find('slider', 'Film thickness');
        self::$studio->kill();
        $page->type('Film thickness', '2.1');
        $page->keys(WebDriverKeys::ENTER);
        $page->untilSees('kept here, not saved');
        self::assertSame('2.1', $page->find('textbox', 'Film thickness')->getAttribute('value'));
        self::$studio->serve();
        // nobody touches anything: it is sent again by itself
        $page->until(fn (): bool => self::$studio->value("select json_extract(spec, '$.size_by.thickness_mm') from coats where key = 'winter-flood'") === '2.1', 'the film to be kept');
        $page->until(static fn (): bool => ! $page->sees('not saved'), 'the sentence to go');
    }

    public function test_a_form_that_nobody_answers_keeps_what_was_typed_and_is_sent_again_once(): void
    {
        $page = $this->open('/pieces/new');
        $page->type('Name', 'Storm over the bay');
        $page->type('Width', '40 cm');
        $page->type('Height', '30 cm');
        $page->type('Edge depth', '18');
        self::$studio->kill();
        $page->press('button', 'Plan its coat');
        $page->untilSees('Nothing was lost');
        self::assertSame('40 cm', $page->find('textbox', 'Width')->getAttribute('value'));
        self::$studio->serve();
        $page->press('button', 'Plan its coat');
        $page->untilSees('Sized by');
        self::assertSame('1', self::$studio->value("select count(*) from pieces where json_extract(spec, '$.name') = 'Storm over the bay'"));
    }

    private function shown(Page $page): string
    {
        self::assertSame(1, preg_match('/[\d.]+/', $page->text('main p.figure'), $found));

        return $found[0];
    }

    private function now(Page $page): int
    {
        return (int) $page->js('return Date.now()');
    }
}
