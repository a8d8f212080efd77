<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Journal\Moment;
use App\Models\Mixing;
use App\Models\Plan;
use App\Models\Supply;
use App\Models\SupplyKind;
use App\PlanFile\Dig;
use Carbon\CarbonImmutable;
use DateTimeImmutable;
use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Plan\VesselSheet;
use OpenGlaze\Core\Stock\StockAdvisor;
use OpenGlaze\Core\Stock\VesselStock;
use OpenGlaze\Core\Stock\VesselUse;

/** The vessels that somebody counts: how many can be mixed in now, beside what tonight's other cups take. */
final readonly class VesselsAtHand
{
    /** @param  array<string, VesselStock>  $stocks  by vessel */
    private function __construct(
        private array $stocks,
        private int $nowMs,
    ) {
    }

    /** @param  array<string, VesselSheet>  $vessels */
    public static function of(array $vessels, DateTimeImmutable $now): self
    {
        $nowMs = Moment::ms(CarbonImmutable::instance($now));
        $stocks = [];
        $counted = array_filter($vessels, static fn (VesselSheet $sheet): bool => $sheet->have !== null);
        if ($counted !== []) {
            $uses = self::uses($counted);
            foreach ($counted as $id => $sheet) {
                $stock = VesselStock::of($sheet, $uses[$id] ?? [], $nowMs);
                $stocks += $stock === null ? [] : [$id => $stock];
            }
        }

        return new self($stocks, $nowMs);
    }

    /** null where nobody counts it */
    public function stock(string $vessel): ?VesselStock
    {
        return $this->stocks[$vessel] ?? null;
    }

    /** Whether so many more of it are there, after others of tonight; what nobody counts always is. */
    public function has(string $vessel, int $cups, int $others): bool
    {
        return ($this->stocks[$vessel] ?? null)?->leftAfter($others) >= $cups || ! isset($this->stocks[$vessel]);
    }

    /** Where there are not enough of a batch's vessel, with what tonight takes before it; of a cup that is mixed nothing is said. */
    public function advise(BatchResult $result): ?Advice
    {
        $stock = $this->stocks[$result->batch->vesselId ?? ''] ?? null;
        if ($stock === null) {
            return null;
        }
        $mixed = Mixing::query()->where('plan_id', Plan::own()->id)->whereNotNull('mixed_at')->get(['id', 'batch_key'])->keyBy('batch_key');
        if (isset($mixed[$result->batch->id])) {
            return null;
        }
        $others = 0;
        foreach (Dig::objects(Plan::own()->document, 'batches') as $batch) {
            $id = Dig::text($batch, 'id') ?? '';
            if ($id === $result->batch->id) {
                break;
            }
            if (Dig::text($batch, 'vessel') === $stock->sheet->id && ! isset($mixed[$id])) {
                $others += (int) (Dig::float($batch, 'cups') ?? 1);
            }
        }

        return StockAdvisor::vessel($result, $stock, $others, $this->nowMs);
    }

    /**
     * @param  array<string, VesselSheet>  $vessels
     * @return array<string, list<VesselUse>> of what is used once, since it was counted
     */
    private static function uses(array $vessels): array
    {
        $ids = array_map(strval(...), array_keys($vessels));
        $once = array_filter($ids, static fn (string $id): bool => $vessels[$id]->isUsedOnce());
        $since = Supply::query()->where('kind', SupplyKind::Vessel)->whereIn('key', $once)->get()->keyBy('key')->map(fn (Supply $supply): int => Moment::ms($supply->updated_at->toImmutable()));
        $uses = [];
        foreach (Mixing::query()->whereIn('vessel', $ids)->whereNotNull('mixed_at')->get(['id', 'vessel', 'vessel_cups', 'vessel_hardens_min', 'mixed_at']) as $mixing) {
            $at = Moment::ms($mixing->mixed_at);
            if ($mixing->vessel !== null && $at !== null && $at >= ($since[$mixing->vessel] ?? 0)) {
                $uses[$mixing->vessel][] = new VesselUse($mixing->vessel_cups ?? 1, $at, $mixing->vessel_hardens_min);
            }
        }

        return $uses;
    }
}
