<?php

declare(strict_types=1);

namespace App\Stock;

use App\Editing\Difference;
use App\Editing\Edit;
use App\Editing\Versions;
use App\Journal\Bench;
use App\Journal\Pressed;
use App\Models\Lot;
use App\Models\Resin;
use App\Planning\ShelfDesk;
use App\Saying\Person;
use App\Typed\FieldException;
use Illuminate\Support\Facades\DB;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Journal\EventKind;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Quantity\UnitSystem;

/** Keeps the labels of bottles; that they were opened, counted or thrown away is written down as it happens. */
final readonly class LotDesk
{
    private const LONGEST_NAME = 120;

    public function __construct(private Bench $bench)
    {
    }

    /**
     * @param  Entry  $fields  name, opened_on, best_before, left_a_ml, left_b_ml, bought_ml, price
     * @param  Pressed  $pressed  the name of the press; what it says of the bottles follows from it
     *
     * @throws FieldException with a sentence for each field that cannot be used; nothing is kept then
     */
    public function add(Resin $resin, Entry $fields, Pressed $pressed): Lot
    {
        $fields = $fields->value('name') === null ? $fields->with('name', '') : $fields;

        return DB::transaction(function () use ($resin, $fields, $pressed): Lot {
            $known = Lot::query()->where('subject', $pressed->subject)->first();

            return $known ?? $this->keep(new Lot(['resin_id' => $resin->id, 'subject' => $pressed->subject]), $fields, $pressed);
        });
    }

    /**
     * Only what is sent is changed.
     *
     * @throws FieldException with a sentence for each field that cannot be used; nothing is kept then
     */
    public function change(Lot $lot, Entry $fields, Pressed $pressed, Edit $edit): Lot
    {
        return DB::transaction(function () use ($lot, $fields, $pressed, $edit): Lot {
            $lot->refresh();
            $label = Entry::from($this->label($fields));
            Versions::refuseStale('lot', $lot, Difference::paths($label), $edit);
            $before = Entry::from(array_intersect_key($lot->attributesToArray(), $label->fields()));
            Versions::count('lot', $lot, $before, $label, $edit);

            return $this->keep($lot, $fields, $pressed);
        });
    }

    private function keep(Lot $lot, Entry $fields, Pressed $pressed): Lot
    {
        $label = $this->label($fields);
        $lot->fill($label)->save();
        foreach (self::said($fields) as $kind => $facts) {
            $this->bench->write($pressed->and(EventKind::from($kind), $lot->subject, $facts), new Person(UnitSystem::Metric));
        }

        return $lot->refresh();
    }

    /** @return array<string, mixed> the fields of the row that are sent */
    private function label(Entry $fields): array
    {
        $label = $sentences = [];
        if ($fields->has('name')) {
            $label['name'] = trim($fields->text('name') ?? '');
            if ($label['name'] === '' || mb_strlen($label['name']) > self::LONGEST_NAME) {
                $sentences['name'] = Message::of('refused.name_of_lot');
            }
        }
        foreach (['opened_on', 'best_before'] as $field) {
            try {
                $day = ShelfDesk::date($fields, $field);
                $label += $field === 'best_before' && $fields->has($field) ? [$field => $day] : [];
            } catch (FieldException $exception) {
                $sentences += $exception->said;
            }
        }
        foreach (['left_a_ml', 'left_b_ml', 'bought_ml', 'price'] as $field) {
            $value = $fields->number($field);
            if ($value !== null && ($value < 0 || $value > 1_000_000)) {
                $sentences[$field] = Message::of('refused.amount_of_lot');
            }
            $label += in_array($field, ['bought_ml', 'price'], true) && $fields->has($field) ? [$field => $value] : [];
        }

        return $sentences === [] ? $label : throw FieldException::at($sentences);
    }

    /** @return array<string, Entry> what is said of the bottles, by the kind of the event */
    private static function said(Entry $fields): array
    {
        $said = [];
        if ($fields->has('opened_on')) {
            $said[EventKind::Opened->value] = Entry::from(['on' => ShelfDesk::date($fields, 'opened_on')?->format('Y-m-d')]);
        }
        $counted = [];
        foreach (['a', 'b'] as $part) {
            if ($fields->has("left_{$part}_ml")) {
                $counted[$part.'_ml'] = $fields->number("left_{$part}_ml");
            }
        }

        return $counted === [] ? $said : [...$said, EventKind::Counted->value => Entry::from($counted)];
    }
}
