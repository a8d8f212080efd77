<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Journal\Moment;
use App\Models\Mixing;
use App\Models\Plan;
use App\Models\Supply;
use App\Models\SupplyKind;
use Carbon\CarbonImmutable;
use DateTimeImmutable;
use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Document\BatchEntry;
use OpenGlaze\Core\Plan\VesselSheet;
use OpenGlaze\Core\Stock\StockAdvisor;
use OpenGlaze\Core\Stock\VesselStock;
use OpenGlaze\Core\Stock\VesselUse;

/** The vessels that somebody counts: how many can be mixed in now, beside what tonight's other cups take. */
final readonly class VesselsAtHand
{
    /** After so long anything has hardened in a cup. */
    private const LONGEST_OUT = '-60 days';

    /**
     * @param  array<string, VesselStock>  $stocks  by vessel
     * @param  list<BatchEntry>  $tonight  the batches that are planned
     * @param  array<string, true>  $mixed  those that are mixed, by their ids
     */
    private function __construct(
        private array $stocks,
        private array $tonight,
        private array $mixed,
        private int $nowMs,
    ) {
    }

    /**
     * @param  array<string, VesselSheet>  $vessels
     * @param  list<BatchEntry>|null  $batches  of tonight, where they are not those that are kept
     */
    public static function of(array $vessels, DateTimeImmutable $now, ?array $batches = null): self
    {
        $nowMs = Moment::ms(CarbonImmutable::instance($now));
        $stocks = $tonight = $mixed = [];
        $counted = array_filter($vessels, static fn (VesselSheet $sheet): bool => $sheet->have !== null);
        if ($counted !== []) {
            $own = Plan::own();
            $tonight = $batches ?? $own->document->batches();
            [$uses, $mixed] = self::mixings($counted, $own, array_map(static fn (BatchEntry $batch): string => $batch->id(), $tonight), $now);
            foreach ($counted as $id => $sheet) {
                $stock = VesselStock::of($sheet, $uses[$id] ?? [], $nowMs);
                $stocks += $stock === null ? [] : [$id => $stock];
            }
        }

        return new self($stocks, $tonight, $mixed, $nowMs);
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
        $stock = $this->stocks[$result->batch->in->vesselId ?? ''] ?? null;
        if ($stock === null || isset($this->mixed[$result->batch->id])) {
            return null;
        }
        $others = 0;
        foreach ($this->tonight as $batch) {
            $id = $batch->id();
            if ($id === $result->batch->id) {
                break;
            }
            if ($batch->vessel() === $stock->sheet->id && ! isset($this->mixed[$id])) {
                $others += $batch->cups();
            }
        }

        return StockAdvisor::vessel($result, $stock, $others, $this->nowMs);
    }

    /**
     * What was mixed in them: of what is used once since it was counted, else as long as it may be out of use.
     *
     * @param  array<string, VesselSheet>  $vessels
     * @param  list<string>  $tonight  ids of the batches that are planned
     * @return array{array<string, list<VesselUse>>, array<string, true>} by vessel; those of tonight that are mixed
     */
    private static function mixings(array $vessels, Plan $own, array $tonight, DateTimeImmutable $now): array
    {
        $ids = array_map(strval(...), array_keys($vessels));
        $once = array_filter($ids, static fn (string $id): bool => $vessels[$id]->isUsedOnce());
        $since = $once === [] ? [] : Supply::query()->where('kind', SupplyKind::Vessel)->whereIn('key', $once)->get()->keyBy('key')->map(fn (Supply $supply): int => Moment::ms($supply->updated_at->toImmutable()));
        $uses = $mixed = [];
        $mixings = Mixing::query()->whereNotNull('mixed_at')->where(fn ($query) => $query
            ->where(fn ($query) => $query->whereIn('vessel', $once))
            ->orWhere(fn ($query) => $query->whereIn('vessel', array_diff($ids, $once))->where('mixed_at', '>', $now->modify(self::LONGEST_OUT)))
            ->orWhere(fn ($query) => $query->where('plan_id', $own->id)->whereIn('batch_key', $tonight)));
        foreach ($mixings->get(['id', 'plan_id', 'batch_key', 'vessel', 'vessel_cups', 'vessel_hardens_min', 'mixed_at']) as $mixing) {
            $at = Moment::ms($mixing->mixed_at);
            if ($mixing->plan_id === $own->id && in_array($mixing->batch_key, $tonight, true)) {
                $mixed[$mixing->batch_key] = true;
            }
            if ($mixing->vessel !== null && $at !== null && $at >= ($since[$mixing->vessel] ?? 0)) {
                $uses[$mixing->vessel][] = new VesselUse($mixing->vessel_cups ?? 1, $at, $mixing->vessel_hardens_min);
            }
        }

        return [$uses, $mixed];
    }
}
