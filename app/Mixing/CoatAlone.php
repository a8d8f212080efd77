<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Models\Coat;
use App\Planning\CoatKeys;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Document\BatchEntry;
use OpenGlaze\Core\Measuring\MeasuredBy;

/** One coat in a cup of its own, begun from its mix sheet: it takes what the sheet says, and stands in no evening. */
final class CoatAlone
{
    private const PREFIX = 'coat-';

    public static function key(Coat $coat): string
    {
        return self::PREFIX.$coat->id;
    }

    /** The coat of such a cup; null for a batch of an evening. */
    public static function coatId(string $batchKey): ?int
    {
        $id = substr($batchKey, strlen(self::PREFIX));

        return str_starts_with($batchKey, self::PREFIX) && ctype_digit($id) ? (int) $id : null;
    }

    /**
     * @param  int  $lift  which of its lifts is poured, from 1
     * @param  MeasuredBy|null  $usual  how this studio measures, where it has said so
     */
    public static function spec(Coat $coat, CoatResult $result, int $lift, ?MeasuredBy $usual): BatchEntry
    {
        $residue = $coat->spec->value('residue_ml_per_cup');

        return BatchEntry::from([
            'id' => self::key($coat), 'coats' => [CoatKeys::of($coat)], 'cups' => $result->case->coat->manner->cup->cups, 'measure' => BatchSpec::measure($result->case->resin, $usual),
            ...count($result->lifts) > 1 ? ['lift' => $lift] : [],
            ...$residue === null ? [] : ['residue_ml_per_cup' => $residue],
        ]);
    }
}
