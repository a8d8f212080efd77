<?php

declare(strict_types=1);

namespace App\Pouring;

use App\Mixing\MixingDesk;
use App\Models\Coat;
use App\Models\Mixing;
use App\Models\Pour;
use App\PlanFile\Json;
use App\Planning\FieldException;
use Illuminate\Support\Facades\DB;
use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Level;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Batch\Turn;
use OpenGlaze\Core\Quantity\UnitSystem;
use stdClass;

/** Begins all that is poured from one mixed batch, in its order. */
final readonly class BatchPours
{
    public function __construct(
        private PourDesk $pours,
        private MixingDesk $mixings,
    ) {
    }

    /**
     * Starts their clocks, counted from when it was mixed; what was weighed is written down as used.
     *
     * @param  stdClass  $room  temperature_c, humidity_pct as measured now
     * @return non-empty-list<Pour>
     *
     * @throws FieldException when there is a stop and no reason is given, or it is poured already
     */
    public function start(Mixing $mixing, stdClass $room, ?string $overrideReason, UnitSystem $units): array
    {
        $mixedAt = $mixing->mixed_at ?? throw FieldException::at(['form' => 'Stir it first: the clock starts when it is mixed.']);
        $batch = $this->mixings->batch($mixing, $units);
        $stops = array_filter($batch->advice, static fn (Advice $advice): bool => $advice->level === Level::Stop);
        if (trim((string) $overrideReason) === '' && $stops !== []) {
            throw FieldException::at(['reason' => 'Change the plan, or write down why you pour all the same.']);
        }
        $weighing = $this->mixings->weighing($batch, $mixing->weighed);

        return DB::transaction(function () use ($mixing, $mixedAt, $batch, $weighing, $room, $overrideReason, $units): array {
            if ($mixing->pours()->exists()) {
                throw FieldException::at(['form' => 'This batch is being poured already.']);
            }

            return array_map(function (Turn $turn) use ($mixing, $mixedAt, $batch, $weighing, $room, $overrideReason, $units): Pour {
                $coat = Coat::query()->where('plan_id', $mixing->plan_id)->where('key', $turn->coat->case->coat->id)->firstOrFail();
                $pour = $this->pours->start($coat, $room, $overrideReason, $units);
                $part = self::partOf($batch, $turn);
                $result = Json::copy($pour->result);
                $result->share = self::share($batch, $part);
                $result->count = $turn->count;
                $all = $turn->coat->case->piece->quantity;
                $pour->update([
                    'mixing_id' => $mixing->id,
                    'started_at' => $mixedAt,
                    'title' => $pour->title.($turn->count < $all ? sprintf(', %d of %d', $turn->count, $all) : ''),
                    'result' => $result,
                    'used_a_ml' => $part * $batch->mix->aMl * $weighing->gotAG / $batch->mix->aG,
                    'used_b_ml' => $part * $batch->mix->bMl * $weighing->gotBG / ($batch->mix->bG ?? INF),
                ]);

                return $pour;
            }, $batch->turns);
        });
    }

    /** How much of a batch is for one of its coats, from 0 to 1: by what it takes of all that leaves the cup. */
    private static function partOf(BatchResult $batch, Turn $turn): float
    {
        return $turn->pouredMl / array_sum(array_map(static fn (Turn $one): float => $one->pouredMl, $batch->turns));
    }

    private static function share(BatchResult $batch, float $part): stdClass
    {
        $mix = $batch->mix;
        $of = static fn (?float $amount): ?float => $amount === null ? null : $part * $amount;

        return (object) [
            'a_ml' => $of($mix->aMl), 'b_ml' => $of($mix->bMl), 'total_ml' => $of($mix->totalMl()),
            'a_g' => $of($mix->aG), 'b_g' => $of($mix->bG), 'total_g' => $of($mix->totalG()),
        ];
    }
}
