<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Models\Coat;
use App\Models\Piece;
use App\Models\Plan;
use App\Planning\OutlineDrawing;
use App\Planning\PlanAssembler;
use App\Pouring\FilmsNow;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use OpenGlaze\Core\Advice\NextCoatNow;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Coating\Planner;
use OpenGlaze\Core\Cure\Phase;
use OpenGlaze\Core\Plan\PlanException;
use OpenGlaze\Core\Plan\PlanReader;
use OpenGlaze\Core\Quantity\UnitSystem;
use OpenGlaze\Core\Quantity\Wording;

/** The coats that can be chosen for an evening: of each piece those that were never poured, the next of them first. */
final readonly class Choices
{
    public function __construct(private PlanAssembler $assembler)
    {
    }

    /** @return list<array<string, mixed>> */
    public function of(Plan $plan, UnitSystem $units): array
    {
        $results = $this->results($plan, $units);
        $still = StillToPour::now();
        $choices = [];
        $pieces = $plan->pieces()->with('coats.resin')->get();
        $films = FilmsNow::ofPieces(array_values($pieces->map(fn (Piece $piece): int => $piece->id)->all()), CarbonImmutable::now());
        foreach ($pieces as $piece) {
            $phases = isset($films[$piece->id]) ? $films[$piece->id]->byCoat() : [];
            $isNext = true;
            foreach ($piece->coats as $coat) {
                $result = $results[$coat->key] ?? null;
                $count = $result === null ? 0 : $still->of($coat, $result);
                if ($result === null || $count === 0) {
                    continue;
                }
                $choices[] = self::choice($piece, $coat, $result, $count, $isNext, self::below($phases, $coat->id));
                $isNext = false;
            }
        }

        return $choices;
    }

    /**
     * What the coats that were never poured take of each resin, ml.
     *
     * @return array<string, float> by the resin's key
     */
    public function needed(Plan $plan, UnitSystem $units): array
    {
        $needed = [];
        foreach ($this->of($plan, $units) as $choice) {
            $key = is_string($choice['resin_key']) ? $choice['resin_key'] : '';
            $needed[$key] = ($needed[$key] ?? 0.0) + (is_float($choice['whole_ml']) ? $choice['whole_ml'] : 0.0);
        }

        return $needed;
    }

    /** @return array<string, mixed> */
    private static function choice(Piece $piece, Coat $coat, CoatResult $result, int $count, bool $isNext, ?Phase $below): array
    {
        $advice = $isNext && $below !== null ? NextCoatNow::judge($result->case->coat, $below, $result->case->isAfterOil()) : null;
        $waits = $advice !== null && in_array($advice->code, ['recoat_too_soon', 'recoat_window_missed'], true);

        return [
            'coat' => $coat->key,
            'coat_id' => $coat->id,
            'piece' => $piece->name(),
            'kind' => $coat->kind(),
            'resin' => $coat->resin->name(),
            'resin_key' => $coat->resin->key,
            'total_ml' => ($result->lifts === [] ? $result->volume->totalMl() : $result->lifts[0]->volume->totalMl()) * $count / $result->case->piece->quantity,
            'whole_ml' => $result->volume->totalMl() * $count / $result->case->piece->quantity,
            'quantity' => $count,
            'drawing' => OutlineDrawing::of($result->case->piece),
            'state' => $isNext ? ($waits ? 'waits' : 'ready') : 'later',
            'sentence' => $advice?->text,
        ];
    }

    /**
     * The film that it is laid on: the last that was poured, but for other pieces of the same coat.
     *
     * @param  array<int, string>  $phases  by coat
     */
    private static function below(array $phases, int $coatId): ?Phase
    {
        unset($phases[$coatId]);

        return $phases === [] ? null : Phase::tryFrom(end($phases));
    }

    /** @return array<string, CoatResult> by the coat's key; nothing where the plan cannot be computed */
    private function results(Plan $plan, UnitSystem $units): array
    {
        try {
            $results = (new Planner(new Wording($units)))->plan((new PlanReader)->read($this->assembler->whole($plan)));
        } catch (PlanException) {
            return [];
        }

        return Collection::make($results)->keyBy(fn (CoatResult $result): string => $result->case->coat->id)->all();
    }
}
