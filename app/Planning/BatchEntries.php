<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Plan;
use App\Models\Supply;
use App\Models\SupplyKind;
use App\PlanFile\Dig;
use App\PlanFile\Json;
use Illuminate\Database\Eloquent\Collection;
use stdClass;

/** Batches in a document, and the vessels, colourants and recipes that they are mixed with. */
final class BatchEntries
{
    private const FLAGS = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES;

    /**
     * A batch goes on without the coats that were taken away, and goes with its last one.
     *
     * @param  list<string>  $keys  of the coats that are there
     */
    public static function keepOf(stdClass $document, array $keys): void
    {
        $batches = Dig::objects($document, 'batches');
        if ($batches === []) {
            return;
        }
        foreach ($batches as $batch) {
            $batch->coats = self::among($batch->coats ?? null, $keys);
            foreach (array_keys((array) Dig::value($batch, 'counts')) as $id) {
                if (! in_array((string) $id, $batch->coats, true)) {
                    unset($batch->counts->{$id});
                }
            }
            foreach (Dig::objects($batch, 'colours') as $cup) {
                if (isset($cup->coats)) {
                    $cup->coats = self::among($cup->coats, $batch->coats);
                }
            }
        }
        $document->batches = array_values(array_filter($batches, static fn (stdClass $batch): bool => $batch->coats !== []));
    }

    /**
     * Adds the evening's batches as far as they are of these coats, so that what is stirred into them is known.
     *
     * @param  array<string, string>  $keys  in the document, by their names in the evening
     */
    public static function addOf(stdClass $document, Plan $plan, array $keys): void
    {
        $batches = array_map(Json::copy(...), Dig::objects(Plan::own()->document, 'batches'));
        if ($batches === []) {
            return;
        }
        $document->batches = $batches;
        self::keepOf($document, array_map(strval(...), array_keys($keys)));
        if ($document->batches === []) {
            unset($document->batches);

            return;
        }
        if ($keys !== array_combine(array_keys($keys), array_keys($keys))) {
            self::rename(Dig::objects($document, 'batches'), $keys);
        }
        self::addOwn($document, $plan);
        self::addFromShelf($document);
    }

    /**
     * @param  array<stdClass>  $batches
     * @param  array<string, string>  $keys  new by old
     */
    private static function rename(array $batches, array $keys): void
    {
        $to = static fn (mixed $key): mixed => is_string($key) ? $keys[$key] ?? $key : $key;
        foreach ($batches as $batch) {
            $batch->coats = array_map($to, is_array($batch->coats ?? null) ? $batch->coats : []);
            $counts = get_object_vars(Dig::object($batch, 'counts'));
            if ($counts !== []) {
                $batch->counts = (object) array_combine(array_map(static fn (int|string $key): string => $keys[(string) $key] ?? (string) $key, array_keys($counts)), $counts);
            }
            foreach (Dig::objects($batch, 'colours') as $cup) {
                if (is_array($cup->coats ?? null)) {
                    $cup->coats = array_map($to, $cup->coats);
                }
            }
        }
    }

    /** All vessels, colourants and recipes at hand: the plan's own, and the studio's. */
    public static function addSupplies(stdClass $document, Plan $plan): void
    {
        self::addOwn($document, $plan);
        $shelf = Supply::allOnShelf();
        foreach (SupplyKind::cases() as $kind) {
            self::add($document, $kind, $shelf, static fn (): bool => true);
        }
    }

    /** What batches and recipes name, and the document does not hold itself, comes from the studio's shelf. */
    public static function addFromShelf(stdClass $document): void
    {
        if (Dig::objects($document, 'batches') === []) {
            return;
        }
        $shelf = Supply::allOnShelf();
        // recipes first: they name colourants
        foreach ([SupplyKind::Recipe, SupplyKind::Vessel, SupplyKind::Colourant] as $kind) {
            $named = json_encode([$document->batches, $document->recipes ?? []], self::FLAGS);
            self::add($document, $kind, $shelf, static fn (Supply $supply): bool => str_contains($named, json_encode($supply->key, self::FLAGS)));
        }
    }

    private static function addOwn(stdClass $document, Plan $plan): void
    {
        foreach (SupplyKind::cases() as $kind) {
            $own = Dig::objects($plan->document, $kind->list());
            if ($own !== []) {
                $document->{$kind->list()} = $own;
            }
        }
    }

    /**
     * @param  array<string, Collection<int, Supply>>  $shelf
     * @param  callable(Supply): bool  $wanted
     */
    private static function add(stdClass $document, SupplyKind $kind, array $shelf, callable $wanted): void
    {
        $held = Dig::objects($document, $kind->list());
        $ids = array_map(static fn (stdClass $one): mixed => $one->id ?? null, $held);
        $added = $shelf[$kind->value]->filter(static fn (Supply $supply): bool => ! in_array($supply->key, $ids, true) && $wanted($supply))
            ->map(static fn (Supply $supply): stdClass => $supply->sheet)->values()->all();
        if ($added !== []) {
            $document->{$kind->list()} = [...$held, ...$added];
        }
    }

    /**
     * @param  list<string>  $keys
     * @return list<string>
     */
    private static function among(mixed $written, array $keys): array
    {
        return array_values(array_filter(is_array($written) ? $written : [], static fn (mixed $id): bool => is_string($id) && in_array($id, $keys, true)));
    }
}
