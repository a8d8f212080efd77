<?php

declare(strict_types=1);

namespace App\Planning;

use App\Journal\ThisStudio;
use App\Models\Piece;
use App\PlanFile\Json;
use Illuminate\Support\Facades\Cache;
use OpenGlaze\Core\Answer\Planner;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Plan\PlanException;
use OpenGlaze\Core\Reading\PlanReader;

/**
 * What each coat of many pieces takes. A piece is computed with its whole stack, by itself, and kept by the
 * contents that it was computed from: among hundreds only those that changed are computed again.
 */
final readonly class Amounts
{
    private const KEPT = 'amounts';

    /** So many pieces are computed at once. */
    private const AT_A_TIME = 100;

    public function __construct(
        private PlanAssembler $assembler,
        private ThisStudio $studio,
    ) {
    }

    /**
     * @param  iterable<Piece>  $pieces  with their coats, the coats' resins and their plan
     * @return array<int, Taken> by coat; without those that cannot be computed
     */
    public function of(iterable $pieces): array
    {
        $kept = Cache::get($this->name());
        $kept = is_array($kept) ? $kept : [];
        $prints = $missing = $taken = [];
        foreach ($pieces as $piece) {
            $prints[$piece->id] = [$piece, self::print($piece)];
            if (! is_array($kept[$prints[$piece->id][1]] ?? null)) {
                $missing[$piece->plan_id][] = $piece;
            }
        }
        foreach ($missing as $own) {
            foreach (array_chunk($own, self::AT_A_TIME) as $some) {
                foreach ($this->compute($some) as $index => $amounts) {
                    $kept[$prints[$some[$index]->id][1]] = $amounts;
                }
            }
        }
        foreach ($prints as [$piece, $print]) {
            foreach ($piece->coats->values() as $index => $coat) {
                $one = is_array($kept[$print] ?? null) ? $kept[$print][$index] ?? null : null;
                if (is_array($one)) {
                    $taken[$coat->id] = Taken::kept($one);
                }
            }
        }
        if ($missing !== []) {
            Cache::forever($this->name(), array_intersect_key($kept, array_flip(array_map(static fn (array $one): string => $one[1], $prints))));
        }

        return $taken;
    }

    private function name(): string
    {
        return self::KEPT.'-'.$this->studio->shortId();
    }

    /** What it is computed from, as a fingerprint. */
    private static function print(Piece $piece): string
    {
        $parts = [Json::line($piece->plan->studio()), $piece->getRawOriginal('spec')];
        foreach ($piece->coats as $coat) {
            $parts[] = $coat->getRawOriginal('spec');
            $parts[] = $coat->resin->getRawOriginal('sheet');
        }

        return hash('xxh128', implode("\n", array_filter($parts, is_string(...))));
    }

    /**
     * @param  non-empty-list<Piece>  $pieces  of one plan
     * @return list<list<array{float, float, int, int, bool}|null>> of their coats, from the lowest on
     */
    private function compute(array $pieces): array
    {
        try {
            $results = (new Planner)->plan((new PlanReader)->read($this->assembler->stacks($pieces[0]->plan, $pieces)));
        } catch (PlanException) {
            // one that cannot be computed does not keep the others from it
            return count($pieces) > 1
                ? array_merge(...array_map(fn (Piece $piece): array => $this->compute([$piece]), $pieces))
                : [array_values($pieces[0]->coats->map(static fn (): ?array => null)->all())];
        }
        $amounts = [];
        $at = 0;
        foreach ($pieces as $piece) {
            $own = array_slice($results, $at, $piece->coats->count());
            $at += count($own);
            $amounts[] = array_map(static fn (CoatResult $result): array => Taken::of($result)->toKeep(), $own);
        }

        return $amounts;
    }
}
