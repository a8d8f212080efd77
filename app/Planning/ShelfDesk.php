<?php

declare(strict_types=1);

namespace App\Planning;

use App\Editing\Difference;
use App\Editing\Edit;
use App\Editing\Versions;
use App\Models\Coat;
use App\Models\Plan;
use App\Models\Resin;
use App\Models\Supply;
use App\Models\SupplyKind;
use App\Typed\FieldException;
use Carbon\CarbonImmutable;
use Carbon\Exceptions\InvalidFormatException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use OpenGlaze\Core\Colour\Colourant;
use OpenGlaze\Core\Colour\DoseSizes;
use OpenGlaze\Core\Colour\Recipe;
use OpenGlaze\Core\Document\BatchEntry;
use OpenGlaze\Core\Document\DosedEntry;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Plan\PlanException;
use OpenGlaze\Core\Plan\ResinSheet;
use OpenGlaze\Core\Plan\StudioCounts;
use OpenGlaze\Core\Reading\PlanReader;

/** What stands on the shelf: sheets are read by the core before they are kept; a pour keeps its own copy, so no past changes. */
final readonly class ShelfDesk
{
    private const LONGEST_NAME = 120;

    public function __construct(private PlanAssembler $assembler)
    {
    }

    /** A sheet as the core reads it. @throws FieldException with a sentence for each field that cannot be used */
    public function read(Entry $sheet): ResinSheet
    {
        $sheet = $sheet->value('id') === null ? $sheet->with('id', 'new') : $sheet;
        $document = $this->assembler->bare(Plan::own())->with('resins', [$sheet]);
        try {
            return array_values((new PlanReader)->read($document)->resins)[0];
        } catch (PlanException $exception) {
            throw FieldException::fromPlan($exception, ['/resins/0/' => '', '/studio/' => 'studio.']);
        }
    }

    /** What is being typed of a label, as the core reads it. @throws FieldException with a sentence for each field that cannot be used */
    public function readTyped(Entry $sheet): ResinSheet
    {
        return $this->read(self::withWorkingTime($sheet));
    }

    /** What the studio counts in, where a colourant does not say otherwise. */
    public function counts(): StudioCounts
    {
        return (new PlanReader)->read($this->assembler->bare(Plan::own()))->studio->counts;
    }

    /**
     * One drop or dip, twenty of which were weighed, ml.
     *
     * @param  Entry  $typed  twenty_g; density_g_ml where it is known
     *
     * @throws FieldException when nothing was weighed
     */
    public function oneMl(Entry $typed): float
    {
        $density = $typed->number('density_g_ml') ?? Colourant::DENSITY_G_ML;
        $twenty = $typed->number('twenty_g') ?? 0.0;
        $wrong = array_filter(['twenty_g' => $twenty, 'density_g_ml' => $density], static fn (float $number): bool => $number <= 0);

        return $wrong === [] ? DoseSizes::oneMl($twenty, $density) : throw FieldException::at(array_map(static fn (): Message => Message::of('refused.above_nothing'), $wrong));
    }

    /**
     * A new sheet, or a copy that is adjusted.
     *
     * @throws FieldException with a sentence for each field that cannot be used; nothing is saved then
     */
    public function addResin(Entry $sheet): Resin
    {
        return DB::transaction(function () use ($sheet): Resin {
            $sheet = self::withWorkingTime(Entry::of()->over($sheet));
            $key = $this->freeKey(Resin::withTrashed()->whereNull('plan_id')->pluck('key')->all(), self::named($sheet), 'resin');
            $sheet = $sheet->with('id', $key);
            $this->read($sheet);

            return Resin::query()->create(['key' => $key, 'position' => Resin::withTrashed()->whereNull('plan_id')->count(), 'sheet' => $sheet]);
        });
    }

    /** @throws FieldException with a sentence for each field that cannot be used; nothing is saved then */
    public function changeResin(Resin $resin, Entry $changes, Edit $edit): void
    {
        DB::transaction(function () use ($resin, $changes, $edit): void {
            $resin->refresh();
            Versions::refuseStale('resin', $resin, Difference::paths($changes), $edit);
            $sheet = $resin->sheet->over($changes)->with('id', $resin->key);
            self::named($sheet);
            $this->read($sheet);
            Versions::count('resin', $resin, $resin->sheet, $sheet, $edit);
            $resin->update(['sheet' => $sheet]);
        });
    }

    /** @throws FieldException while coats are planned with it */
    public function takeResinAway(Resin $resin): void
    {
        $coats = Coat::query()->where('resin_id', $resin->id)->count();
        if ($coats > 0) {
            throw FieldException::at(['form' => Message::of($coats === 1 ? 'refused.resin_of_one_coat' : 'refused.resin_of_coats', count: $coats, resin: $resin->name())]);
        }
        $resin->delete();
    }

    /** @throws FieldException with a sentence for each field that cannot be used; nothing is saved then */
    public function addSupply(SupplyKind $kind, Entry $sheet): Supply
    {
        return DB::transaction(function () use ($kind, $sheet): Supply {
            $sheet = Entry::of()->over($sheet);
            $key = $this->freeKey(Supply::withTrashed()->where('kind', $kind)->pluck('key')->all(), self::named($sheet), $kind->value);
            $sheet = $sheet->with('id', $key);
            $this->check($kind, $sheet);

            return Supply::query()->create(['kind' => $kind, 'key' => $key, 'position' => Supply::withTrashed()->where('kind', $kind)->count(), 'sheet' => $sheet]);
        });
    }

    /**
     * What is in a cup, as a recipe for as much as recipes are written for.
     *
     * @param  Entry  $typed  name, doses as they are in the cup, mixed_ml of resin that they are in
     *
     * @throws FieldException with a sentence for each field that cannot be used; nothing is saved then
     */
    public function addRecipeOfCup(Entry $typed): Supply
    {
        $mixed = $typed->number('mixed_ml') ?? 0.0;
        if ($mixed <= 0) {
            throw FieldException::at(['mixed_ml' => Message::of('refused.above_nothing')]);
        }
        $recipe = DosedEntry::of($typed->without('mixed_ml')->raw())->times(Recipe::PER_ML / $mixed);

        return $this->addSupply(SupplyKind::Recipe, $recipe->with('per_ml', Recipe::PER_ML));
    }

    /** @throws FieldException with a sentence for each field that cannot be used; nothing is saved then */
    public function changeSupply(Supply $supply, Entry $changes, Edit $edit): void
    {
        DB::transaction(function () use ($supply, $changes, $edit): void {
            $supply->refresh();
            Versions::refuseStale('supply', $supply, Difference::paths($changes), $edit);
            $sheet = $supply->sheet->over($changes)->with('id', $supply->key);
            self::named($sheet);
            $this->check($supply->kind, $sheet);
            Versions::count('supply', $supply, $supply->sheet, $sheet, $edit);
            $supply->update(['sheet' => $sheet]);
        });
    }

    /** @throws FieldException while something names it */
    public function takeSupplyAway(Supply $supply): void
    {
        foreach (Supply::onShelf(SupplyKind::Recipe) as $recipe) {
            if ($supply->kind === SupplyKind::Colourant && in_array($supply->key, DosedEntry::of($recipe->sheet->raw())->colourants(), true)) {
                throw FieldException::at(['form' => Message::of('refused.in_recipe', name: $supply->name(), recipe: $recipe->name())]);
            }
        }
        foreach (Plan::query()->get() as $plan) {
            foreach ($plan->document->batches() as $batch) {
                if (in_array($supply->key, self::namedBy($batch, $supply->kind), true)) {
                    throw FieldException::at(['form' => Message::of('refused.in_cup', name: $supply->name())]);
                }
            }
        }
        $supply->delete();
    }

    /** @return list<string|null> the ids that a batch names of what stands on the shelf */
    private static function namedBy(BatchEntry $batch, SupplyKind $kind): array
    {
        return match ($kind) {
            SupplyKind::Vessel => [$batch->vessel()],
            SupplyKind::Recipe => $batch->recipes(),
            SupplyKind::Colourant => $batch->colourants(),
        };
    }

    /** A date that is written as year-month-day; null where none is. @throws FieldException */
    public static function date(Entry $fields, string $field): ?CarbonImmutable
    {
        $text = trim($fields->text($field) ?? '');
        try {
            return $text === '' ? null : CarbonImmutable::createFromFormat('!Y-m-d', $text);
        } catch (InvalidFormatException) {
            throw FieldException::at([$field => Message::of('refused.no_date')]);
        }
    }

    /** A working time that is known of the cup alone is taken for the film too: it lasts longer there. */
    private static function withWorkingTime(Entry $sheet): Entry
    {
        $potLife = $sheet->value('pot_life_min');

        return $sheet->value('open_min') === null && $potLife !== null ? $sheet->with('open_min', $potLife) : $sheet;
    }

    private function check(SupplyKind $kind, Entry $sheet): void
    {
        self::date($sheet, 'best_before');
        $document = BatchEntries::withSupplies($this->assembler->bare(Plan::own()), Plan::own());
        $list = array_values(array_filter($document->entries($kind->list()), static fn (Entry $one): bool => $one->text('id') !== $sheet->text('id')));
        $document = $document->with($kind->list(), [...$list, $sheet]);
        try {
            (new PlanReader)->read($document);
        } catch (PlanException $exception) {
            throw FieldException::fromPlan($exception, ['/'.$kind->list().'/'.count($list).'/' => '']);
        }
    }

    private static function named(Entry $sheet): string
    {
        $name = trim($sheet->text('name') ?? '');
        if ($name === '' || mb_strlen($name) > self::LONGEST_NAME) {
            throw FieldException::at(['name' => Message::of('refused.name_of_supply', most: self::LONGEST_NAME)]);
        }

        return $name;
    }

    /** @param  array<mixed>  $taken */
    private function freeKey(array $taken, string $name, string $usual): string
    {
        $base = Str::limit(Str::slug($name), 60, '') ?: $usual;
        $key = $base;
        for ($number = 2; in_array($key, $taken, true); $number++) {
            $key = "$base-$number";
        }

        return $key;
    }
}
