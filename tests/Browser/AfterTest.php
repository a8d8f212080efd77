<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\AsksAxe;
use Tests\Browser\Support\OneCovered;
use Tests\Browser\Support\Page;

/** The end of an evening: the cups that are left, and what is seen to before one leaves the room. */
final class AfterTest extends BrowserTestCase
{
    use AsksAxe;

    protected const SEEDER = OneCovered::class;

    public function test_the_next_cup_is_mixed_or_left_and_what_is_left_to_see_to_is_ticked_with_a_pedal(): void
    {
        $page = $this->open('/run');
        $page->size(390, 844);
        $page->untilSees('The next cup');
        $page->untilSees('nothing comes late by it');
        $this->assertAxeFindsNothing($page, 'the next cup');
        $page->press('button', 'Read the room by hand');
        $page->untilSees('Every clock follows it');
        $this->assertAxeFindsNothing($page, 'reading the room');
        $page->press('button', 'Close');
        $first = $page->text('[data-step]');
        $page->press('button', 'Skip');
        $page->press('button', 'No cup for');
        $page->until(static fn (): bool => $page->text('[data-step]') !== $first && $page->sees('The next cup'), 'the cup after it');

        // the network is gone: what is left is left all the same
        $page->offline(true);
        $page->press('button', 'Skip');
        $this->untilSteady($page);
        $page->press('button', 'No more cups tonight');
        $page->until(static fn (): bool => ! $page->sees('The next cup'), 'no cup, without a network');
        $page->offline(false);
        $page->js("window.dispatchEvent(new Event('online'))");

        $page->untilSees('Before you leave the room');
        $page->untilSees('Left for another evening');
        $this->assertAxeFindsNothing($page, 'what is left to see to');
        self::assertSame([], $page->js('return [...document.querySelectorAll("main button, main section a")].filter((one) => one.offsetParent !== null && one.getBoundingClientRect().height < 64).map((one) => one.textContent)'));
        self::assertTrue($page->js('return document.documentElement.scrollWidth <= 390'));
        $ticked = static fn (): int => (int) self::$studio->value("select count(*) from events where kind = 'checked' and json_extract(facts, '\$.check') like 'after%'");
        foreach (['Burner out and cold', 'Bottles shut', 'Cups, sticks, gloves, rags', 'The room for the night'] as $number => $check) {
            $page->until(static fn (): bool => $page->text('[data-testid=next]') === $check, $check);
            $this->untilSteady($page);
            $page->js('window.dispatchEvent(new KeyboardEvent("keydown", { key: "PageDown", bubbles: true }))');
            $page->until(static fn (): bool => $ticked() === $number + 1, "$check to be ticked");
        }
        $page->press('button', 'Take the last press back');
        $page->until(static fn (): bool => $page->text('[data-testid=next]') === 'The room for the night', 'the last tick to be back');

        $page->js('document.querySelector("main a[href$=\"/finish\"]").click()');
        $page->untilSees('Part A used');
    }

    /** A second press within a trembling hand's time does not count. */
    private function untilSteady(Page $page): void
    {
        $page->js('window.steadyFrom = performance.now() + 720');
        $page->until(static fn (): bool => $page->js('return performance.now() > window.steadyFrom') === true, 'a steady hand');
    }
}
