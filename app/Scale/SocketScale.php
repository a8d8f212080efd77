<?php

declare(strict_types=1);

namespace App\Scale;

use App\Device\LineSocket;
use App\Device\NoAnswer;
use stdClass;

/** A scale behind a local socket: one line of JSON asks, one line answers. The protocol is described in docs/scale.md. */
final readonly class SocketScale implements Scale
{
    public function __construct(private LineSocket $socket)
    {
    }

    public function reading(): ScaleReading
    {
        return $this->heard($this->socket->ask(['ask' => 'reading']));
    }

    public function zero(): ScaleReading
    {
        return $this->heard($this->socket->ask(['ask' => 'zero']));
    }

    /**
     * What a hand does to the stand-in; a real scale heeds none of it.
     *
     * @return bool whether it was heeded
     */
    public function hand(string $what, float $grams): bool
    {
        $said = $this->socket->ask(['hand' => $what, 'grams' => $grams]);

        return $said instanceof stdClass && ($said->heeded ?? false) === true;
    }

    private function heard(stdClass|NoAnswer $said): ScaleReading
    {
        if ($said instanceof NoAnswer) {
            return ScaleReading::fault(ScaleFault::from($said->value));
        }
        $standIn = ($said->standin ?? false) === true;
        if (isset($said->fault)) {
            return ScaleReading::fault((is_string($said->fault) ? ScaleFault::tryFrom($said->fault) : null) ?? ScaleFault::Garbled, $standIn);
        }
        $grams = $said->grams ?? null;
        $resolution = $said->resolution_g ?? 0.1;
        if ((! is_int($grams) && ! is_float($grams)) || (! is_int($resolution) && ! is_float($resolution)) || $resolution <= 0) {
            return ScaleReading::fault(ScaleFault::Garbled, $standIn);
        }

        return ScaleReading::of((float) $grams, ($said->steady ?? false) === true, (float) $resolution, $standIn);
    }
}
