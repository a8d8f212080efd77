<?php

declare(strict_types=1);

namespace App\Pouring;

use App\Models\Pour;
use App\Planning\StackResult;
use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\NextCoatNow;
use OpenGlaze\Core\Cure\Phase;

/** The films on one piece as they are now: the phase of each coat that was poured, by the server's clock. */
final readonly class FilmsNow
{
    /** @param  array<int, string>  $phases  by coat */
    private function __construct(private array $phases)
    {
    }

    public static function ofPiece(int $pieceId): self
    {
        $phases = [];
        foreach (Pour::query()->where('piece_id', $pieceId)->whereNotNull('poured_at')->oldest('started_at')->get() as $pour) {
            $phase = PourState::phaseNow($pour);
            if ($pour->coat_id !== null && $phase !== null) {
                $phases[$pour->coat_id] = $phase;
            }
        }

        return new self($phases);
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
