<?php

declare(strict_types=1);

namespace App\Editing;

use App\Journal\Moment;
use App\PlanFile\Json;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use OpenGlaze\Core\Document\Entry;

/**
 * The versions of rows that are planned with. A change is refused where a field that it writes was changed
 * since the page read it; changes of other fields lie side by side.
 */
final class Versions
{
    /** So many changes of one row are remembered; a page that read an older version is always refused. */
    private const REMEMBERED = 50;

    /**
     * @param  string  $kind  coat, piece, plan, resin, supply, lot
     * @param  list<string>  $paths  of the fields that are to be written
     *
     * @throws Stale when one of them was changed since it was read
     */
    public static function refuseStale(string $kind, Model $row, array $paths, Edit $edit): void
    {
        $read = $edit->read[$kind] ?? null;
        $version = self::of($row);
        if ($read === null || $read >= $version) {
            return;
        }
        $changes = array_values(array_filter(self::since($kind, $row, $read), static function (Change $change) use ($paths): bool {
            foreach ($paths as $path) {
                if (Difference::touches($path, $change->path)) {
                    return true;
                }
            }

            return false;
        }));
        if ($changes !== []) {
            throw Stale::since($kind, $version, $changes, $edit->device);
        }
    }

    /** Counts one version up, and remembers what changed; nothing where nothing did. The row is not saved here. */
    public static function count(string $kind, Model $row, Entry $before, Entry $after, Edit $edit): void
    {
        $difference = Difference::between($before, $after);
        if ($difference === []) {
            return;
        }
        $version = self::of($row) + 1;
        $row->setAttribute('version', $version);
        DB::table('changes')->insert([
            'kind' => $kind, 'row_id' => $row->getKey(), 'version' => $version, 'device' => $edit->device,
            'at_ms' => Moment::ms($edit->at),
            'fields' => Json::line(Entry::from($difference)),
        ]);
        DB::table('changes')->where('kind', $kind)->where('row_id', $row->getKey())->where('version', '<=', $version - self::REMEMBERED)->delete();
    }

    private static function of(Model $row): int
    {
        $version = $row->getAttribute('version');

        return is_int($version) ? $version : 1;
    }

    /** @return list<Change> the oldest first */
    private static function since(string $kind, Model $row, int $read): array
    {
        $changes = [];
        foreach (DB::table('changes')->where('kind', $kind)->where('row_id', $row->getKey())->where('version', '>', $read)->orderBy('version')->get() as $one) {
            $fields = Json::read(is_string($one->fields) ? $one->fields : '{}');
            foreach ($fields->fields() as $path => $change) {
                if ($change instanceof Entry) {
                    $changes[] = new Change((string) $path, $change->value('from'), $change->value('to'), is_string($one->device) ? $one->device : null, CarbonImmutable::createFromTimestampMs(is_numeric($one->at_ms) ? (int) $one->at_ms : 0));
                }
            }
        }

        return $changes;
    }
}
