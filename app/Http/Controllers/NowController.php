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
            'waiting' => $this->waiting(),
            'pieces' => Piece::query()->count(),
        ]);
    }

    /**
     * The pieces that nothing is poured on now, each with the coat that comes next: the lowest that was never poured.
     *
     * @return list<array<string, mixed>>
     */
    private function waiting(): array
    {
        $poured = [];
        foreach (Pour::query()->whereNotNull('coat_id')->distinct()->get('coat_id') as $pour) {
            $poured[$pour->coat_id] = true;
        }
        $pieces = Piece::query()->with('coats')->whereHas('coats')->whereDoesntHave('pours', fn ($pours) => $pours->whereNull('finished_at'))
            ->orderBy('position')->limit(self::MOST_WAITING)->get();
        $waiting = [];
        foreach ($pieces as $piece) {
            $next = $piece->coats->first(fn (Coat $coat): bool => ! isset($poured[$coat->id])) ?? $piece->coats->first();
            $waiting[] = ['coat_id' => $next?->id, ...$this->pieces->summary($piece)];
        }

        return $waiting;
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
