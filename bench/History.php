<?php

declare(strict_types=1);

namespace Bench;

use App\Journal\Bench;
use App\Models\Coat;
use App\Models\JournalEvent;
use App\Models\Piece;
use App\Models\Plan;
use App\Models\Pour;
use App\Models\Resin;
use App\PlanFile\Json;
use App\Planning\PlanImporter;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** A long past for the demo studio: ten thousand finished pours, and 200 pieces with 800 coats that are planned. */
final class History
{
    private const EVERY_MS = 4 * 3_600_000;

    public static function write(int $pours, int $pieces): void
    {
        self::planned($pieces, 'large');
        self::planned((int) ceil($pours / 200), 'old');
        $one = Pour::query()->whereNotNull('written_at')->whereNotNull('coat_id')->latest('started_at')->firstOrFail();
        $events = JournalEvent::query()->where('subject', $one->id)->orderBy('number')->get();
        // each old piece was coated again and again; what is planned now was never poured
        $coats = array_values(Coat::query()->where('key', 'like', 'old-%')->orderBy('id')->get(['id', 'piece_id'])->all());
        DB::transaction(function () use ($pours, $events, $coats): void {
            for ($number = 1; $number <= $pours; $number++) {
                DB::table('events')->insert(self::again(array_values($events->all()), $number, $coats[$number % count($coats)]));
            }
        });
    }

    /** How long all of it takes to be folded anew, s. */
    public static function fold(): float
    {
        $begin = hrtime(true);
        app(Bench::class)->foldAll();

        return (hrtime(true) - $begin) / 1e9;
    }

    /** Pieces of the studio's own plan. */
    private static function planned(int $pieces, string $prefix): void
    {
        $text = (string) preg_replace('/"(id|piece|resin)": "(?!bench)/', '"$1": "'.$prefix.'-', Plans::large((string) file_get_contents(base_path('docs/examples/autumn-sky.json')), $pieces));
        $plan = app(PlanImporter::class)->import($text, $prefix);
        Resin::query()->where('plan_id', $plan->id)->update(['plan_id' => Plan::own()->id, 'key' => "$prefix-bench"]);
        Piece::query()->where('plan_id', $plan->id)->update(['plan_id' => Plan::own()->id]);
        Coat::query()->where('plan_id', $plan->id)->update(['plan_id' => Plan::own()->id]);
        $plan->delete();
    }

    /**
     * @param  list<JournalEvent>  $events
     * @return list<array<string, mixed>>
     */
    private static function again(array $events, int $number, Coat $coat): array
    {
        $subject = (string) Str::uuid();
        $shift = $number * self::EVERY_MS;
        $rows = [];
        foreach ($events as $event) {
            $facts = Json::line($event->facts);
            $rows[] = [
                ...$event->getAttributes(), 'id' => (string) Str::uuid(), 'subject' => $subject,
                'pressed_ms' => $event->pressed_ms - $shift, 'heard_ms' => $event->heard_ms - $shift,
                'facts' => preg_replace(['/"piece_id":\d+/', '/"coat_id":\d+/'], ["\"piece_id\":$coat->piece_id", "\"coat_id\":$coat->id"], $facts, 1),
            ];
            unset($rows[count($rows) - 1]['number']);
        }

        return $rows;
    }
}
