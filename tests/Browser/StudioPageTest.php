<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\Page;

/** The studio's own page: its name, its room, the person's units. */
final class StudioPageTest extends BrowserTestCase
{
    public function test_a_room_that_cannot_be_is_said_at_its_field_and_nothing_is_kept(): void
    {
        $page = $this->open('/studio');
        $page->type('Humidity', '120');
        $page->type('Name', 'Night bench');
        $page->press('button', 'Save');
        $page->until(static fn (): bool => $page->js('return document.querySelector("[aria-invalid=true]")?.value') === '120', 'why it cannot be');
        self::assertSame('Night bench', $this->value($page, 'Name'), 'what was typed stands');
        self::assertSame('Halfmoon Bench', self::$studio->value('select name from plans where id = 1'));
        $page->type('Humidity', '48,5');
        $page->press('button', 'Save');
        $page->until(fn (): bool => self::$studio->value('select name from plans where id = 1') === 'Night bench', 'it to be kept');
        self::assertSame('48.5', $this->room('humidity_pct'));
        self::assertStringContainsString('Night bench', $this->open('/')->text('main'));
    }

    public function test_how_long_hands_spread_is_kept_and_taken_back_to_what_is_usual(): void
    {
        $page = $this->open('/studio');
        self::assertSame('', $this->value($page, 'Until a coat is spread'), 'what nobody said is not shown as said');
        $page->type('Until a coat is spread', '12');
        $page->press('button', 'Save');
        $page->until(fn (): bool => $this->room('spread_min') === '12', 'it to be kept');
        $page->type('Until a coat is spread', '');
        $page->press('button', 'Save');
        $page->until(fn (): bool => $this->room('spread_min') === '', 'it to be as usual again');
    }

    public function test_degrees_are_read_in_the_persons_own_and_stay_what_they_were_when_nothing_is_typed(): void
    {
        $page = $this->open('/studio');
        $before = $this->room('temperature_c');
        $page->press('radio', 'in, fl oz, °F');
        $page->until(fn (): bool => $this->value($page, 'Room') !== '' && (float) $this->value($page, 'Room') > 60, 'degrees Fahrenheit');
        $page->press('button', 'Save');
        $page->untilSees('Saved');
        self::assertSame($before, $this->room('temperature_c'), 'what was not touched is not rounded');
        $page->type('Room', '77');
        $page->press('button', 'Save');
        $page->until(fn (): bool => abs((float) $this->room('temperature_c') - 25.0) < 1e-9, '77 °F to be 25 °C');
        $page->type('Room', '21 C');
        $page->press('button', 'Save');
        $page->until(fn (): bool => (float) $this->room('temperature_c') === 21.0, 'a unit that is written to count');
        $page->press('radio', 'mm, ml, °C');
        $page->until(fn (): bool => $this->value($page, 'Room') === '21', 'degrees Celsius again');
    }

    public function test_units_are_of_who_reads_and_not_of_the_studio(): void
    {
        $page = $this->open('/studio');
        $page->press('radio', 'in, fl oz, °F');
        $page->until(static fn (): bool => str_contains((string) $page->js('return document.cookie'), 'units=imperial'), 'the choice to be kept here');
        $other = new Page;
        try {
            $other->open(self::$studio->url(self::$studio->path('/coats/winter-flood')));
            self::assertTrue($other->sees('1.6 mm'));
        } finally {
            $other->quit();
        }
        self::assertStringContainsString('0.063 in', $this->open('/coats/winter-flood')->text('main'));
        $this->open('/studio')->press('radio', 'mm, ml, °C');
    }

    private function room(string $field): string
    {
        return self::$studio->value("select json_extract(document, '$.studio.$field') from plans where id = 1");
    }
}
