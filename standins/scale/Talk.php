<?php

declare(strict_types=1);

namespace OpenGlaze\StandIns\Scale;

use JsonException;
use stdClass;

/** The scale's side of its protocol: one line of JSON asks, one line answers. Described in docs/scale.md. */
final readonly class Talk
{
    private const MOST_G_PER_S = 200.0;

    public function __construct(private BenchScale $scale)
    {
    }

    /** @param  float  $now  s */
    public function answer(string $line, float $now): string
    {
        $this->scale->passTo($now);
        try {
            $asked = json_decode($line, false, 8, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            $asked = null;
        }
        $said = $asked instanceof stdClass ? $this->heed($asked) : ['fault' => 'not_understood'];

        return json_encode($said, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)."\n";
    }

    /** @return array<string, mixed> */
    private function heed(stdClass $asked): array
    {
        if (isset($asked->hand)) {
            return $this->hand($asked);
        }
        if (! $this->scale->isPlugged()) {
            return ['fault' => 'unplugged', 'standin' => true];
        }
        if (($asked->ask ?? null) === 'zero') {
            $this->scale->tare();
        } elseif (($asked->ask ?? null) !== 'reading') {
            return ['fault' => 'not_understood'];
        }

        return $this->scale->isOverloaded() ? ['fault' => 'overloaded', 'standin' => true] : [
            'grams' => $this->scale->display(),
            'steady' => $this->scale->isSteady(),
            'resolution_g' => BenchScale::RESOLUTION_G,
            'standin' => true,
        ];
    }

    /**
     * What a hand does to it: no real scale has these.
     *
     * @return array<string, mixed>
     */
    private function hand(stdClass $asked): array
    {
        $grams = is_int($asked->grams ?? null) || is_float($asked->grams ?? null) ? (float) $asked->grams : 0.0;
        match ($asked->hand) {
            'put' => $this->scale->put($grams),
            'pour' => $this->scale->pourAt(min(self::MOST_G_PER_S, $grams)),
            'stop' => $this->scale->stop(),
            'clear' => $this->scale->clear(),
            'unplug' => $this->scale->unplug(),
            'plug' => $this->scale->plug(),
            default => null,
        };

        return ['heeded' => in_array($asked->hand, ['put', 'pour', 'stop', 'clear', 'unplug', 'plug'], true), 'standin' => true];
    }
}
