<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Plan;
use App\Models\Supply;
use App\Models\SupplyKind;
use Illuminate\Database\Eloquent\Collection;
use OpenGlaze\Core\Colour\Recipe;
use OpenGlaze\Core\Document\BatchEntry;
use OpenGlaze\Core\Document\CoatEntry;
use OpenGlaze\Core\Document\DosedEntry;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Document\PlanDocument;

/** Batches in a document, and the vessels, colourants and recipes that they are mixed with. */
final class BatchEntries
{
    /**
     * With the evening's batches as far as they are of these coats, so that what is stirred into them is known.
     *
     * @param  array<string, string>  $keys  in the document, by their names in the evening
     */
    public static function withThoseOf(PlanDocument $document, Plan $plan, array $keys): PlanDocument
    {
        $batches = BatchEntry::allOf(Plan::own()->document->batches(), array_map(strval(...), array_keys($keys)));
        if ($batches === []) {
            return self::withRecipesOfItsColours($document, $plan);
        }

        return self::withWhatIsNamed(self::withOwn($document->withBatches(array_map(static fn (BatchEntry $batch): BatchEntry => $batch->renamed($keys), $batches)), $plan));
    }

    /** With all vessels, colourants and recipes at hand: the plan's own, and the studio's. */
    public static function withSupplies(PlanDocument $document, Plan $plan): PlanDocument
    {
        $document = self::withOwn($document, $plan);
        $shelf = Supply::allOnShelf();
        foreach (SupplyKind::cases() as $kind) {
            $document = self::with($document, $kind, $shelf[$kind->value]);
        }

        return $document;
    }

    /** What batches and recipes name, and the document does not hold itself, comes from the studio's shelf. */
    public static function withWhatIsNamed(PlanDocument $document): PlanDocument
    {
        $batches = $document->batches();
        if ($batches === []) {
            return $document;
        }
        $shelf = Supply::allOnShelf();
        $recipes = array_merge(...array_map(static fn (BatchEntry $batch): array => $batch->recipes(), $batches));
        $vessels = array_filter(array_map(static fn (BatchEntry $batch): ?string => $batch->vessel(), $batches), is_string(...));
        $document = self::withNamed(self::withNamed($document, SupplyKind::Recipe, $shelf, $recipes), SupplyKind::Vessel, $shelf, $vessels);
        $colourants = array_map(static fn (BatchEntry|DosedEntry $one): array => $one->colourants(), [...$batches, ...$document->entries(SupplyKind::Recipe->list(), DosedEntry::class)]);

        return self::withNamed($document, SupplyKind::Colourant, $shelf, array_merge(...$colourants));
    }

    /** With the recipes that the colours of its coats are called by, and what they take: what burns in them burns in the coat before it is in any cup. */
    private static function withRecipesOfItsColours(PlanDocument $document, Plan $plan): PlanDocument
    {
        $colours = array_map(Recipe::key(...), array_merge(...array_map(static fn (CoatEntry $coat): array => $coat->colours(), $document->coats())));
        if ($colours === []) {
            return $document;
        }
        $shelf = Supply::allOnShelf();
        $recipes = $shelf[SupplyKind::Recipe->value]->filter(static fn (Supply $supply): bool => in_array(Recipe::key($supply->sheet->text('name') ?? ''), $colours, true));
        $document = self::with(self::withOwn($document, $plan), SupplyKind::Recipe, $recipes);
        $doses = array_map(static fn (DosedEntry $one): array => $one->colourants(), $document->entries(SupplyKind::Recipe->list(), DosedEntry::class));

        return self::withNamed($document, SupplyKind::Colourant, $shelf, array_merge(...$doses));
    }

    private static function withOwn(PlanDocument $document, Plan $plan): PlanDocument
    {
        foreach (SupplyKind::cases() as $kind) {
            $own = $plan->document->entries($kind->list());
            $document = $own === [] ? $document : $document->with($kind->list(), $own);
        }

        return $document;
    }

    /**
     * @param  array<string, Collection<int, Supply>>  $shelf
     * @param  array<string>  $ids
     */
    private static function withNamed(PlanDocument $document, SupplyKind $kind, array $shelf, array $ids): PlanDocument
    {
        return self::with($document, $kind, $shelf[$kind->value]->filter(static fn (Supply $supply): bool => in_array($supply->key, $ids, true)));
    }

    /** @param  Collection<int, Supply>  $supplies */
    private static function with(PlanDocument $document, SupplyKind $kind, Collection $supplies): PlanDocument
    {
        $held = $document->entries($kind->list());
        $ids = array_map(static fn (Entry $one): ?string => $one->text('id'), $held);
        $added = $supplies->reject(static fn (Supply $supply): bool => in_array($supply->key, $ids, true))->map(static fn (Supply $supply): Entry => $supply->sheet)->values()->all();

        return $added === [] ? $document : $document->with($kind->list(), [...$held, ...$added]);
    }
}
