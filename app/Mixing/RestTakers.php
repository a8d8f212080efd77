<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Models\Coat;
use App\Models\Mixing;
use App\Saying\Person;
use Carbon\CarbonImmutable;
use OpenGlaze\Core\Batch\RestTaker;

/** Who takes what is left in a cup: coats that are ready now, of the same resin, and of no colour. */
final readonly class RestTakers
{
    public function __construct(
        private Choices $choices,
        private CupReader $cups,
    ) {
    }

    /** @return list<array<string, mixed>> the best first; of a coloured cup none */
    public function of(Mixing $mixing, CarbonImmutable $now, Person $person): array
    {
        $batch = $this->cups->batch($mixing);
        if ($batch->coloured->shares !== []) {
            return [];
        }
        $resin = $batch->turns[0]->coat->case->resin->id;
        $offered = $wanting = [];
        foreach ($this->choices->of($now, $person) as $choice) {
            if ($choice['resin_key'] === $resin && $choice['state'] === 'ready' && is_string($choice['coat']) && is_numeric($choice['total_ml']) && is_int($choice['quantity'])) {
                $offered[$choice['coat']] = $choice;
                $wanting[$choice['coat']] = [(float) $choice['total_ml'] / $choice['quantity'], $choice['quantity']];
            }
        }
        $parted = Coat::query()->whereIn('id', array_column($offered, 'coat_id'))->get()->filter(static fn (Coat $coat): bool => $coat->spec->has('parts'))->pluck('id')->all();
        $wanting = array_filter($wanting, static fn (string $coat): bool => ! in_array($offered[$coat]['coat_id'], $parted, true), ARRAY_FILTER_USE_KEY);

        return array_map(static fn (RestTaker $one): array => [
            'coat_id' => $offered[$one->coat]['coat_id'], 'piece' => $offered[$one->coat]['piece'], 'kind' => $offered[$one->coat]['kind'],
            'pieces' => $one->pieces, 'each_ml' => $one->eachMl, 'lacks_ml' => $one->lacksMl,
        ], RestTaker::of($mixing->result()->restMl(), $wanting));
    }
}
