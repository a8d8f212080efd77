<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Arrival;
use App\Mixing\CupReader;
use App\Models\Coat;
use App\Models\Piece;
use App\Models\Pour;
use App\Models\Resin;
use App\Planning\Namesakes;
use App\Planning\PieceDesk;
use App\Pouring\OnTheBench;
use App\Sensing\RoomLog;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

/** What is on the bench now. */
final readonly class NowController
{
    private const MOST_WAITING = 6;

    public function __construct(
        private PieceDesk $pieces,
        private CupReader $cups,
    ) {
    }

    public function __invoke(Request $request): Response
    {
        return Inertia::render('Now', [
            ...$this->onTheBench(Arrival::of($request)),
            'room' => RoomLog::last(Arrival::of($request))?->state(),
            'waiting' => $this->waiting(Arrival::of($request)),
            'pieces' => Piece::query()->count(),
            'bottles' => Resin::query()->count(),
        ]);
    }

    public function pours(Request $request): JsonResponse
    {
        return response()->json($this->onTheBench(Arrival::of($request)));
    }

    /** @return array{now: int, pours: list<array<string, mixed>>, cups: list<array<string, mixed>>} */
    private function onTheBench(CarbonImmutable $now): array
    {
        return ['now' => (int) $now->valueOf(), 'pours' => OnTheBench::films($now), 'cups' => OnTheBench::cups($now, $this->cups)];
    }

    /**
     * The pieces that nothing is setting on now, each with the coat that comes next: the lowest that was never poured.
     *
     * @return list<array<string, mixed>>
     */
    private function waiting(CarbonImmutable $now): array
    {
        $setting = Pour::query()->setting($now)->whereNotNull('piece_id')->select('piece_id');
        $poured = Pour::query()->whereNotNull('coat_id')->select('coat_id');
        $pieces = Piece::query()->whereHas('coats', fn ($coats) => $coats->whereNotIn('id', $poured))->whereNotIn('id', $setting)
            ->with(['coats' => fn ($coats) => $coats->whereNotIn('id', $poured)])->orderBy('position')->limit(self::MOST_WAITING)->get();
        $namesakes = Namesakes::among($pieces);
        $waiting = [];
        foreach ($pieces as $piece) {
            $next = $piece->coats->first(fn (Coat $coat): bool => true);
            $waiting[] = ['coat_id' => $next?->id, ...$this->pieces->summary($piece), 'twin' => isset($namesakes[$piece->id])];
        }

        return $waiting;
    }
}
