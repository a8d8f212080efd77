<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Page;

/** A film that runs over its edge: seen over time, kept by one press, its edge rounded by hand. */
final class EdgeFilmTest extends BrowserTestCase
{
    private const STRIP = 'section[aria-label="What the edge keeps"]';

    public function test_what_is_asked_laid_and_kept_stands_in_one_line_and_each_figure_explains_itself(): void
    {
        $page = $this->open('/coats/comet-flood');
        $page->untilSees('1.80 mm asked');
        self::assertMatchesRegularExpression('/1\.80 mm asked 1\.98 mm laid 1\.6\d mm stays .*1\.12 mm at the edge, thin within [\d.]+ mm 2\d\d ml run off/', $page->text(self::STRIP));
        $page->js("document.querySelector('[data-figure=stays_mm]').click()");
        $page->untilSees('What is laid thicker than the edge keeps runs over until it gels');
        $page->keys(WebDriverKeys::ESCAPE);
    }

    public function test_the_films_clock_is_slid_by_keys_from_the_pour_until_it_has_set(): void
    {
        $page = $this->open('/coats/comet-flood');
        self::assertTrue($page->has('textbox', 'Run-off'), 'its fields keep their names');
        $clock = $page->find('slider', "The film's clock");
        self::assertSame('as it sets', $clock->getAttribute('aria-valuetext'));
        $clock->sendKeys(WebDriverKeys::HOME);
        $page->untilSees('At the pour: 1.98 mm on the face, 0.0 ml dripped, nothing hangs below');
        for ($step = 0; $step < 3; $step++) {
            $clock->sendKeys(WebDriverKeys::PAGE_UP);
        }
        $page->until(static fn (): bool => str_contains($page->text(self::STRIP), 'After') && ! str_contains($page->text(self::STRIP), 'nothing hangs'), 'what has gathered below');
        $hangs = static fn (): float => (float) preg_replace('/.* ([\d.]+) ml\/m hang below.*/', '$1', $page->text(self::STRIP));
        $wiped = $hangs();
        $page->press('checkbox', 'One wipe only');
        $page->until(static fn (): bool => $hangs() > $wiped, 'more to hang there where it is wiped only once');
        $page->untilSees('ml/m still drip');
        $clock->sendKeys(WebDriverKeys::END);
        $page->untilSees('As it sets');
    }

    public function test_two_coats_are_taken_by_one_press_and_taken_back(): void
    {
        $page = $this->open('/coats/autumn-flood');
        $page->press('button', 'What would keep it');
        $page->press('button', 'Take it: 2 coats of 0.80 mm');
        $page->untilSees('nothing runs off');
        self::assertTrue($page->sees('It is laid in 2 coats now.'));
        $page->press('button', 'Undo');
        $page->untilSees('1.33 mm stays');
    }

    public function test_the_edge_is_rounded_by_hand_and_by_keys_and_what_it_keeps_follows(): void
    {
        $page = $this->open('/coats/winter-flood');
        self::assertSame('2.0 mm: it keeps 1.1 mm', $this->edge($page));
        $page->find('slider', 'Radius of the edge')->sendKeys(WebDriverKeys::ARROW_DOWN);
        $page->until(fn (): bool => $this->edge($page) === '1.5 mm: it keeps 1.2 mm', 'a sharper edge');
        self::assertSame('1.5', $this->value($page, 'Edge rounded to'));
        $page->pull($page->find('slider', 'Radius of the edge'), [[-3, 3], [-3, 3]]);
        $page->until(fn (): bool => (float) $this->edge($page) > 2.0 && $page->text('[role=status]') === 'Saved', 'a rounder one');
        $page->press('button', 'Undo');
        $page->until(fn (): bool => $this->edge($page) === '1.5 mm: it keeps 1.2 mm', 'the edge before');
        $page->press('button', 'Undo');
        $page->until(fn (): bool => $this->edge($page) === '2.0 mm: it keeps 1.1 mm', 'the first edge');
    }

    public function test_who_leaves_the_open_edge_keeps_the_film_whatever_it_was_sized_by(): void
    {
        $page = $this->open('/coats/moon-study-flood');
        $this->choose($page, 'Sized by', 'stays_mm');
        $page->untilSees('can stay here');
        $film = $page->find('slider', 'Film thickness')->getAttribute('aria-valuenow');
        $this->choose($page, 'At the edge', 'held');
        $page->until(static fn (): bool => $page->has('textbox', 'Film thickness') && $page->sees('Saved'), 'the same film, held');
        self::assertEqualsWithDelta((float) $film, (float) $page->find('slider', 'Film thickness')->getAttribute('aria-valuenow'), 0.02);
        self::assertFalse($page->sees('Only a film'));
    }

    public function test_on_a_phone_and_in_inches_nothing_is_wider_than_the_page_or_said_in_mm(): void
    {
        self::$page->size(390, 844);
        $this->reads('imperial');
        $page = $this->open('/coats/comet-flood');
        $page->press('button', 'What would keep it');
        $page->untilSees('Take it');
        self::assertLessThanOrEqual(390, $page->js('return document.documentElement.scrollWidth'));
        self::assertDoesNotMatchRegularExpression('/\d (mm|ml)\b/', $page->text(self::STRIP).$page->text('ul[aria-label="What would keep it"]'));
        $this->reads('metric');
    }

    /**
     * What is said of the edge's radius now.
     *
     * @phpstan-impure
     */
    private function edge(Page $page): string
    {
        return (string) $page->find('slider', 'Radius of the edge')->getAttribute('aria-valuetext');
    }
}
