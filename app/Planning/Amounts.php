<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Coat;
use App\Models\Piece;
use App\PlanFile\Json;
use Illuminate\Support\Facades\Cache;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Coating\Planner;
use OpenGlaze\Core\Plan\PlanException;
use OpenGlaze\Core\Plan\PlanReader;

/**
 * What each coat of many pieces takes. A piece is computed with its whole stack, by itself, and kept by the
 * contents that it was computed from: among hundreds only those that changed are computed again.
 */
final readonly class Amounts
{
    private const KEPT = 'amounts';

    public function __construct(private PlanAssembler $assembler)
    {
    }

    /**
     * @param  iterable<Piece>  $pieces  with their coats, the coats' resins and their plan
     * @return array<int, Taken> by coat; without those that cannot be computed
     */
    public function of(iterable $pieces): array
    {
        $kept = Cache::get(self::KEPT);
        $kept = is_array($kept) ? $kept : [];
        $now = $taken = [];
        $changed = false;
        foreach ($pieces as $piece) {
            $print = self::print($piece);
            $own = $kept[$print] ?? null;
            if (! is_array($own)) {
                $own = $this->compute($piece);
                $changed = true;
            }
            $now[$print] = $own;
            foreach ($piece->coats->values() as $index => $coat) {
                $one = $own[$index] ?? null;
                if (is_array($one)) {
                    $taken[$coat->id] = Taken::kept($one);
                }
            }
        }
        if ($changed) {
            Cache::forever(self::KEPT, $now);
        }

        return $taken;
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

    /** @return list<array{float, float, int, int, bool}|null> of its coats, from the lowest on */
    private function compute(Piece $piece): array
    {
        $coats = array_values($piece->coats->map(fn (Coat $coat): Coat => $coat->setRelation('piece', $piece))->all());
        try {
            $results = (new Planner)->plan((new PlanReader)->read($this->assembler->alone($piece, $coats)));
        } catch (PlanException) {
            return array_map(static fn (): ?array => null, $coats);
        }

        return array_map(static fn (CoatResult $result): array => Taken::of($result)->toKeep(), $results);
    }
}
