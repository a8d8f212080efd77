<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Pour;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Cure\Phase;
use OpenGlaze\Core\Judging\NextCoatNow;

/** The films on one piece as they are now: the phase of each coat that was poured, by the server's clock. */
final readonly class FilmsNow
{
    /** @param  array<int, string>  $phases  by coat */
    private function __construct(private array $phases)
    {
    }

    public static function ofPiece(int $pieceId, CarbonImmutable $now): self
    {
        return self::ofPieces([$pieceId], $now)[$pieceId] ?? new self([]);
    }

    /**
     * @param  list<int>  $pieceIds
     * @return array<int, self> by piece, those with a film on them
     */
    public static function ofPieces(array $pieceIds, CarbonImmutable $now): array
    {
        $films = [];
        $pours = Pour::query()->whereIn('piece_id', $pieceIds)->whereNotNull('poured_at')->oldest('started_at')->get(['id', 'piece_id', 'coat_id', 'poured_at', 'poured_event', 'schedule', 'followed']);
        foreach ($pours->groupBy('piece_id') as $pieceId => $own) {
            $films[(int) $pieceId] = self::of($own, $now);
        }

        return $films;
    }

    /** @param  Collection<int, Pour>  $pours  the first that was poured first */
    private static function of(Collection $pours, CarbonImmutable $now): self
    {
        $phases = [];
        foreach ($pours as $pour) {
            $phase = self::phaseNow($pour, $now);
            if ($pour->coat_id !== null && $phase !== null) {
                // what was poured last is uppermost
                unset($phases[$pour->coat_id]);
                $phases[$pour->coat_id] = $phase;
            }
        }

        return new self($phases);
    }

    /** The phase that its film is in; null before it is poured. */
    private static function phaseNow(Pour $pour, CarbonImmutable $now): ?string
    {
        if ($pour->poured_at === null) {
            return null;
        }
        $min = $pour->poured_at->diffInSeconds($now) / 60;
        $phase = null;
        foreach ($pour->shown()->entries('phases') as $span) {
            if (($span->number('from_min') ?? INF) <= $min) {
                $phase = $span->text('phase');
            }
        }

        return $phase;
    }

    /** @return array<int, string> */
    public function byCoat(): array
    {
        return $this->phases;
    }

    /**
     * What there is to say of laying this coat now, on the uppermost film below it; nothing where that was never poured.
     *
     * @return list<Advice>
     */
    public function judge(StackResult $stack): array
    {
        $below = null;
        foreach ($stack->rows as $index => $row) {
            if ($stack->results[$index] === $stack->coat) {
                break;
            }
            $below = $stack->results[$index]->case->ground->layer < $stack->coat->case->ground->layer ? $this->phases[$row->id] ?? null : $below;
        }
        $phase = $below === null ? null : Phase::tryFrom($below);
        $advice = $phase === null ? null : NextCoatNow::judge($stack->coat->case->coat, $phase, $stack->coat->case->isAfterOil());

        return $advice === null ? [] : [$advice];
    }
}
