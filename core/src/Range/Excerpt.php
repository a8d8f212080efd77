<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Range;

use OpenGlaze\Core\Plan\Entries;
use stdClass;

/** Of a plan what one batch hangs on: drawing a whole evening anew for one cup would take a hundred times as long. */
final class Excerpt
{
    /**
     * The batch alone, with all coats of the pieces that it is poured on. Its entries are the document's own.
     *
     * @param  stdClass  $document  that was read before
     */
    public static function ofBatch(stdClass $document, string $id): stdClass
    {
        $excerpt = clone $document;
        $excerpt->batches = self::where($document, 'batches', 'id', [$id]);
        $named = array_merge(...array_map(static fn (stdClass $batch): array => is_array($batch->coats ?? null) ? array_values($batch->coats) : [], $excerpt->batches), ...[[]]);
        $pieces = array_column(self::where($document, 'coats', 'id', $named), 'piece');
        $excerpt->coats = self::where($document, 'coats', 'piece', $pieces);
        $excerpt->pieces = self::where($document, 'pieces', 'id', $pieces);
        $excerpt->resins = self::where($document, 'resins', 'id', array_column($excerpt->coats, 'resin'));

        return $excerpt;
    }

    /**
     * @param  array<mixed>  $values
     * @return list<stdClass>
     */
    private static function where(stdClass $document, string $list, string $field, array $values): array
    {
        return array_values(array_filter(Entries::of($document, $list), static fn (stdClass $one): bool => in_array($one->{$field} ?? null, $values, true)));
    }
}
