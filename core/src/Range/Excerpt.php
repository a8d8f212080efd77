<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Range;

use OpenGlaze\Core\Document\BatchEntry;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Document\PlanDocument;

/** Of a plan what one batch hangs on: drawing a whole evening anew for one cup would take a hundred times as long. */
final class Excerpt
{
    /**
     * The batch alone, with all coats of the pieces that it is poured on.
     *
     * @param  PlanDocument  $document  that was read before
     */
    public static function ofBatch(PlanDocument $document, string $id): PlanDocument
    {
        $batches = self::where($document->batches(), 'id', [$id]);
        $pieces = self::named(self::where($document->coats(), 'id', BatchEntry::coatsOfAll($batches)), 'piece');
        $coats = self::where($document->coats(), 'piece', $pieces);

        return $document->with('batches', $batches)
            ->with('coats', $coats)
            ->with('pieces', self::where($document->pieces(), 'id', $pieces))
            ->with('resins', self::where($document->resins(), 'id', self::named($coats, 'resin')));
    }

    /**
     * @template T of Entry
     *
     * @param  list<T>  $entries
     * @param  list<string|null>  $values
     * @return list<T>
     */
    private static function where(array $entries, string $field, array $values): array
    {
        return array_values(array_filter($entries, static fn (Entry $one): bool => in_array($one->text($field), $values, true)));
    }

    /**
     * @param  list<Entry>  $entries
     * @return list<string|null>
     */
    private static function named(array $entries, string $field): array
    {
        return array_map(static fn (Entry $one): ?string => $one->text($field), $entries);
    }
}
