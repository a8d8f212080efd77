<?php

declare(strict_types=1);

namespace Tests\Browser;

use Database\Seeders\OwnSeeder;
use Tests\Browser\Support\Page;

/** An own studio, one bottle and one canvas: nothing stands there that was not written down. */
final class FirstBottleTest extends BrowserTestCase
{
    protected const SEEDER = OwnSeeder::class;

    public function test_from_the_bottle_to_a_running_clock_on_a_phone(): void
    {
        self::$page->size(390, 844);
        $presses = 0;
        $press = static function (Page $page, string $role, string $name) use (&$presses): void {
            $page->press($role, $name);
            $presses++;
        };
        $page = $this->open('/');
        self::assertSame(0, (int) self::$studio->value('select count(*) from resins'));
        $press($page, 'link', 'Write down a bottle');
        $page->type('Name on the label', 'Corner Coat');
        $page->type('A', '2:1');
        $page->type('Working time on the label', '40 min');
        $press($page, 'button', 'Keep the sheet');
        $page->untilSees('Corner Coat stands on the shelf');

        $page->type('Name', 'Blue hour');
        $page->type('Width', '24 x 36 in');
        $press($page, 'button', 'Plan its coat');
        $page->find('slider', 'Film thickness');
        $page->untilSees('Measure it by volume.');
        self::assertEqualsWithDelta(2, $this->ml($page, 'a') / $this->ml($page, 'b'), 0.01);
        self::assertLessThanOrEqual(3, $presses, 'an answer');

        $press($page, 'button', 'To the mix sheet');
        $page->until(static fn (): bool => $page->has('button', 'It is mixed'), 'the mix sheet');
        $press($page, 'button', 'It is mixed');
        $press($page, 'button', 'Start the clock');
        $page->untilSees('Pour and spread');
        self::assertLessThanOrEqual(6, $presses, 'a running clock');
        self::assertSame([], $page->complaints());
    }

    /** Mixed by the marks of a cup: nothing is asked twice, and nothing planned is shown as measured. */
    public function test_one_road_leads_from_its_mix_sheet_to_the_piece(): void
    {
        $page = self::$page;
        $page->open(self::$studio->url('/pieces/new'));
        $page->type('Name', 'Green hour');
        $page->type('Width', '30 x 40 cm');
        $page->press('button', 'Plan its coat');
        $page->find('slider', 'Film thickness');
        $page->press('button', 'To the mix sheet');
        $page->find('button', 'Mix it now');
        preg_match('/Part A, ([\d.]+) ml/', (string) $page->js('return [...document.querySelectorAll("[data-testid=answer] button")].map((one) => one.getAttribute("aria-label")).join(" ")'), $planned);
        $page->press('button', 'Mix it now');
        $page->press('button', 'Begin');
        $page->untilSees('Pour part A');
        self::assertSame($planned[1], $this->shown($page), 'as on the sheet');
        $page->wentIn('1000');
        $page->untilSees('1000 ml, where '.$planned[1].' ml are missing?');
        $page->press('button', 'That is it');
        $page->untilSees('Pour part B');
        self::assertSame('500', $this->shown($page), 'it follows');
        $page->wentIn('470');
        $page->untilSees('It was short: more of part B');
        $page->press('button', 'Take the last reading back');
        $page->untilSees('Pour part B');
        $page->wentIn('500');
        $page->press('button', 'I am stirring');
        $page->untilSees('Together for 0:0');
        // the press is long on its way, and the form does not overtake it
        $page->js('const real = window.fetch; window.fetch = (...asked) => asked[0] === "/events" ? new Promise((sent) => setTimeout(sent, 1500)).then(() => real(...asked)) : real(...asked)');
        $page->press('button', 'It is mixed already');
        $page->untilSees('Pour it now');
        $page->press('button', 'To the pour');
        $page->untilSees('Pour and spread');
        self::assertSame('Measured: A 1000 ml, B 500 ml', $page->text('[data-testid=in-the-cup]'));
        self::assertSame([], $page->complaints());
    }

    private function shown(Page $page): string
    {
        self::assertSame(1, preg_match('/[\d.]+/', $page->text('main p.figure.measured'), $found));

        return $found[0];
    }

    private function ml(Page $page, string $part): float
    {
        return (float) $page->js('return [...document.querySelectorAll("[data-testid=answer] button")].map((one) => /^Part (.), ([\d.]+) ml/.exec(one.getAttribute("aria-label") ?? one.textContent)).find((one) => one?.[1].toLowerCase() === arguments[0])?.[2]', $part);
    }
}
