<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Coat;
use App\Models\Piece;
use App\Models\Pour;
use App\Planning\PieceDesk;
use App\Pouring\PourState;
use Illuminate\Http\JsonResponse;
use Inertia\Inertia;
use Inertia\Response;

/** What is on the bench now. */
final readonly class NowController
{
    private const MOST_WAITING = 6;

    public function __construct(private PieceDesk $pieces)
    {
    }

    public function __invoke(): Response
    {
        return Inertia::render('Now', [
            'pours' => $this->running(),
            'waiting' => Coat::query()->with('piece')->whereHas('piece', fn ($piece) => $piece->whereNull('deleted_at'))
                ->whereNotIn('id', Pour::query()->whereNull('finished_at')->whereNotNull('coat_id')->select('coat_id'))
                ->orderBy('position')->limit(self::MOST_WAITING)->get()
                ->map(fn (Coat $coat): array => ['coat_id' => $coat->id, ...$this->pieces->summary($coat->piece)]),
            'pieces' => Piece::query()->count(),
        ]);
    }

    public function pours(): JsonResponse
    {
        return response()->json(['pours' => $this->running()]);
    }

    /** @return list<array<string, mixed>> */
    private function running(): array
    {
        $pours = Pour::query()->whereNull('finished_at')->with('acts')->latest('started_at')->get();

        return array_map(PourState::of(...), array_values($pours->all()));
    }
}
