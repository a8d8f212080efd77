<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

/** Every form of the shelf as somebody fills it in: what is wrong stands at its field, and nothing typed is lost. */
final class ShelfFormsTest extends BrowserTestCase
{
    public function test_a_label_is_typed_doubted_and_kept(): void
    {
        $page = $this->open('/shelf');
        $page->press('button', 'A sheet from its label');
        $page->type('Name on the label', 'Plain Coat');
        $page->type('A', '2');
        $page->type('to B', '1');
        $page->type('Density of A', '1120');
        $page->type('Working time on the label', 'soon');
        $page->press('button', 'Keep the sheet');
        $page->untilSees('"soon"');
        self::assertSame('1120', $this->value($page, 'Density of A'), 'what was typed stands');
        $page->type('Density of A', '1,12');
        $page->type('Density of B', '0.98');
        $page->type('Thickness, mixed', '0.9');
        $page->type('Thickness is for', '25');
        $page->type('Temperature they are for', '23');
        $page->type('Working time on the label', '40');
        $page->type('Recoat from', '8');
        $page->type('Recoat to', '4');
        $page->untilSees('the right way round');
        $page->type('Recoat to', '14');
        $page->until(static fn (): bool => ! $page->sees('the right way round'), 'the doubt to go');
        $page->press('button', 'Keep the sheet');
        $page->until(fn (): bool => self::$studio->value("select json_extract(sheet, '$.recoat_to_h') from resins where key = 'plain-coat'") === '14', 'the sheet on the shelf');
        $page->until(static fn (): bool => ! $page->has('dialog', ''), 'the form to close');
        $shown = 'return document.querySelector("section h2")?.textContent';
        self::assertSame('Plain Coat', $page->js($shown), 'the sheet that was just kept is the one in sight');
        $page->press('button', 'Bench Coat');
        $page->until(static fn (): bool => $page->js($shown) === 'Bench Coat 2:1', 'the other one');
        $page->press('button', 'Plain Coat');
        $page->until(static fn (): bool => $page->js($shown) === 'Plain Coat', 'the kept one again');
        self::assertSame('1.12', self::$studio->value("select json_extract(sheet, '$.density_a_g_ml') from resins where key = 'plain-coat'"));
    }

    public function test_one_cup_is_measured_in_inches_and_a_shape_that_cannot_be_is_said(): void
    {
        $page = $this->open('/shelf');
        $page->press('tab', 'Vessels');
        $page->press('button', 'mm ml');
        $page->press('button', 'Measure a cup');
        $page->type('Name', 'Egg cup');
        $page->type('Across the floor, inside', '2');
        $page->type('Across the brim, inside', '2');
        $page->type('Height, inside', '2 3/8');
        $page->type('Round of the floor', '3');
        $page->press('button', 'Keep');
        $page->until(static fn (): bool => $page->js('return document.querySelector("[role=dialog] [aria-invalid=true], [role=dialog] .text-danger") !== null') === true, 'why it cannot be');
        self::assertSame('2 3/8', $this->value($page, 'Height, inside'));
        $page->type('Round of the floor', '1');
        $page->press('button', 'Keep');
        $page->until(static fn (): bool => ! $page->has('dialog', ''), 'the form to close');
        self::assertEqualsWithDelta(60.325, (float) self::$studio->value("select json_extract(sheet, '$.height_mm') from supplies where key = 'egg-cup'"), 1e-6);
        self::assertTrue($page->sees('Egg cup'));
        $page->press('button', 'mm ml');
    }

    public function test_drops_are_calibrated_and_a_recipe_is_made_of_them(): void
    {
        $page = $this->open('/shelf');
        $page->press('tab', 'Colours');
        $page->press('button', 'A new colourant');
        $page->type('Name on the bottle', 'Ember tint');
        $page->type('Density', '1.05');
        $page->type('Twenty of them weigh', '0,84');
        $page->press('button', 'Take it as one drop');
        $page->until(fn (): bool => $this->value($page, 'One drop') !== '', 'one drop to be worked out');
        self::assertSame('0.04', $this->value($page, 'One drop'));
        $page->type('Good until', 'summer');
        $page->press('button', 'Keep');
        $page->until(static fn (): bool => $page->js('return document.querySelector("[role=dialog] [aria-invalid=true]") !== null') === true, 'the day to be refused');
        $page->type('Good until', '2031-01-31');
        $page->press('button', 'Keep');
        $page->until(static fn (): bool => ! $page->has('dialog', ''), 'the form to close');
        $page->press('tab', 'Recipes');
        $page->press('button', 'A new recipe');
        $page->type('Name', 'Ember');
        if (! $page->has('combobox', 'Colourant')) {
            $page->press('button', 'Add a colourant');
        }
        $page->js(<<<'JS'
            const list = [...document.querySelectorAll('[role=dialog] select')].find((one) => [...one.options].some((option) => option.text === 'Ember tint'))
            const set = Object.getOwnPropertyDescriptor(HTMLSelectElement.prototype, 'value').set
            set.call(list, [...list.options].find((option) => option.text === 'Ember tint').value)
            list.dispatchEvent(new Event('change', { bubbles: true }))
            JS);
        $page->type('Amount', '12');
        $page->press('button', 'Keep');
        $page->until(fn (): bool => str_contains(self::$studio->value("select sheet from supplies where key = 'ember'"), 'ember-tint'), 'the recipe on the shelf');
    }

    public function test_what_is_typed_after_it_was_refused_is_what_is_put_over_it(): void
    {
        $page = $this->open('/shelf');
        $page->press('button', 'B-0412');
        $page->type('Paid for it', '77');
        // somebody else writes another price meanwhile
        self::assertSame(200, $page->js(<<<'JS'
            const token = decodeURIComponent(document.cookie.split('; ').find((one) => one.startsWith('XSRF-TOKEN')).replace(/^[^=]*=/, ''))
            return fetch(arguments[0], { method: 'PUT', headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': token }, body: '{"price":"90"}' }).then((answer) => answer.status)
            JS, '/shelf/lots/'.self::$studio->value("select id from lots where name = 'B-0412'")));
        $page->press('button', 'Keep');
        $page->untilSees('What you typed still stands here');
        self::assertSame('77', $this->value($page, 'Paid for it'));
        $page->type('Paid for it', '79');
        $page->press('button', 'Put mine over it');
        $page->until(static fn (): bool => ! $page->has('dialog', ''), 'the form to close');
        self::assertSame('79', self::$studio->value("select price from lots where name = 'B-0412'"));
        $page->until(static fn (): bool => str_contains($page->text('table'), '79'), 'the new price in the list');
    }

    public function test_a_bottle_is_added_once_however_often_its_button_is_pressed(): void
    {
        $page = $this->open('/shelf');
        $page->press('button', 'Add a lot');
        $page->type('Number on the bottle', 'B-2000');
        $page->type('Left of A', '1 l');
        $page->js('const form = document.querySelector("[role=dialog] form"); for (let times = 0; times < 3; times++) form.requestSubmit()');
        $page->until(static fn (): bool => ! $page->has('dialog', ''), 'the form to close');
        $page->untilSees('B-2000');
        self::assertSame('1', self::$studio->value("select count(*) from lots where name = 'B-2000'"));
        $page->press('button', 'Take lot B-2000 away');
        $page->untilSees('Undo');
        $page->press('button', 'Undo');
        $page->until(fn (): bool => self::$studio->value("select count(*) from lots where name = 'B-2000' and deleted_at is null") === '1', 'the bottle to be back');
    }

    public function test_a_form_is_filled_in_by_keys_alone_and_left_by_one(): void
    {
        $page = $this->open('/shelf');
        $page->tabTo('button', 'Add a lot');
        $page->keys(WebDriverKeys::ENTER);
        $page->find('dialog', 'A lot of bottles');
        $page->tabTo('textbox', 'Number on the bottle');
        $page->keys('B-2001');
        $page->keys(WebDriverKeys::ESCAPE);
        $page->until(static fn (): bool => ! $page->has('dialog', ''), 'the form to close');
        self::assertSame('Add a lot', $page->js('return document.activeElement.textContent'), 'the focus is where it was');
        self::assertSame('0', self::$studio->value("select count(*) from lots where name = 'B-2001'"));
    }
}
