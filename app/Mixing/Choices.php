<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Models\Coat;
use App\Models\Piece;
use App\Models\Plan;
use App\Planning\Amounts;
use App\Planning\CoatKeys;
use App\Planning\FilmsNow;
use App\Planning\Namesakes;
use App\Planning\OutlineDrawing;
use App\Planning\Taken;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Cure\Phase;
use OpenGlaze\Core\Judging\NextCoatNow;
use OpenGlaze\Core\Message\Speaker;
use OpenGlaze\Core\Plan\OverHard;
use OpenGlaze\Core\Reading\PieceReader;

/** The coats that can be chosen for an evening, of all open plans: of each piece those that were never poured, the next of them first. */
final readonly class Choices
{
    public function __construct(private Amounts $amounts)
    {
    }

    /** @return list<array<string, mixed>> */
    public function of(CarbonImmutable $now, Speaker $say): array
    {
        $pieces = $this->pieces();
        $amounts = $this->amounts->of($pieces);
        $still = StillToPour::read();
        $films = FilmsNow::ofPieces(array_values($pieces->map(fn (Piece $piece): int => $piece->id)->all()), $now);
        $plans = $pieces->pluck('plan_id')->unique()->count();
        $namesakes = Namesakes::among($pieces);
        $choices = [];
        foreach ($pieces as $piece) {
            $phases = isset($films[$piece->id]) ? $films[$piece->id]->byCoat() : [];
            $drawing = null;
            $isNext = true;
            foreach ($piece->coats as $coat) {
                $taken = $amounts[$coat->id] ?? null;
                $count = $taken === null ? 0 : $still->of($coat, $taken->lifts, $taken->quantity);
                if ($taken === null || $count === 0) {
                    continue;
                }
                $drawing ??= OutlineDrawing::of((new PieceReader)->saved($piece->spec));
                $choices[] = [
                    ...self::choice($piece, $coat, $taken, $count, $isNext, self::below($phases, $coat->id), $say),
                    'piece' => Namesakes::told($piece, isset($namesakes[$piece->id])),
                    'drawing' => $drawing,
                    'plan' => $plans > 1 ? $piece->plan->name : null,
                ];
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
    public function needed(): array
    {
        $pieces = $this->pieces();
        $amounts = $this->amounts->of($pieces);
        $still = StillToPour::read();
        $needed = [];
        foreach ($pieces as $piece) {
            foreach ($piece->coats as $coat) {
                $taken = $amounts[$coat->id] ?? null;
                $count = $taken === null ? 0 : $still->of($coat, $taken->lifts, $taken->quantity);
                if ($taken !== null && $count > 0) {
                    $needed[$coat->resin->key] = ($needed[$coat->resin->key] ?? 0.0) + $taken->wholeMl * $count / $taken->quantity;
                }
            }
        }

        return $needed;
    }

    /** @return Collection<int, Piece> of all open plans */
    private function pieces(): Collection
    {
        return Piece::query()->whereIn('plan_id', Plan::open()->select('id'))->with(['plan', 'coats.resin'])->orderBy('plan_id')->orderBy('position')->get();
    }

    /** @return array<string, mixed> */
    private static function choice(Piece $piece, Coat $coat, Taken $taken, int $count, bool $isNext, ?Phase $below, Speaker $say): array
    {
        $advice = $isNext && $below !== null ? self::judge($coat, $below, $taken->isAfterOil) : null;
        $waits = $advice !== null && in_array($advice->code, ['recoat_too_soon', 'recoat_window_missed'], true);

        return [
            'coat' => CoatKeys::of($coat),
            'coat_id' => $coat->id,
            'kind' => $coat->kind(),
            'resin' => $coat->resin->name(),
            'resin_key' => $coat->resin->key,
            'total_ml' => $taken->nextMl * $count / $taken->quantity,
            'quantity' => $count,
            'state' => $isNext ? ($waits ? 'waits' : 'ready') : 'later',
            'sentence' => $advice === null ? null : $say->say($advice->said),
        ];
    }

    private static function judge(Coat $coat, Phase $below, bool $onOil): ?Advice
    {
        return NextCoatNow::by(
            $coat->spec->value('turn_first') === true,
            OverHard::tryFrom($coat->spec->text('over_hard') ?? '') ?? OverHard::Sand,
            $below,
            $onOil || $coat->spec->value('after_oil') === true,
        );
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
}
