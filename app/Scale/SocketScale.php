<?php

declare(strict_types=1);

namespace App\Scale;

use stdClass;

/** A scale behind a local socket: one line of JSON asks, one line answers. The protocol is described in docs/scale.md. */
final readonly class SocketScale implements Scale
{
    /** How long an answer is waited for, s: a question never holds a worker. */
    private const PATIENCE_S = 0.25;

    private const LONGEST = 4096;

    /** @param  string|null  $path  of the socket; null when none is set up */
    public function __construct(private ?string $path)
    {
    }

    public function reading(): ScaleReading
    {
        return $this->heard($this->ask(['ask' => 'reading']));
    }

    public function zero(): ScaleReading
    {
        return $this->heard($this->ask(['ask' => 'zero']));
    }

    /**
     * What a hand does to the stand-in; a real scale heeds none of it.
     *
     * @return bool whether it was heeded
     */
    public function hand(string $what, float $grams): bool
    {
        $said = $this->ask(['hand' => $what, 'grams' => $grams]);

        return $said instanceof stdClass && ($said->heeded ?? false) === true;
    }

    private function heard(stdClass|ScaleFault $said): ScaleReading
    {
        if ($said instanceof ScaleFault) {
            return ScaleReading::fault($said);
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

    /** @param  array<string, mixed>  $question */
    private function ask(array $question): stdClass|ScaleFault
    {
        if ($this->path === null || ! file_exists($this->path)) {
            return ScaleFault::Absent;
        }
        $socket = @stream_socket_client('unix://'.$this->path, $number, $reason, self::PATIENCE_S);
        if ($socket === false) {
            return ScaleFault::Absent;
        }
        stream_set_timeout($socket, 0, (int) (self::PATIENCE_S * 1_000_000));
        @fwrite($socket, json_encode($question, JSON_THROW_ON_ERROR)."\n");
        $line = fgets($socket, self::LONGEST);
        fclose($socket);
        if ($line === false) {
            return ScaleFault::Silent;
        }
        $said = json_decode($line);

        return $said instanceof stdClass ? $said : ScaleFault::Garbled;
    }
}
