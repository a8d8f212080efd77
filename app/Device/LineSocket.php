<?php

declare(strict_types=1);

namespace App\Device;

use stdClass;

/** A device behind a local socket: one line of JSON asks, one line answers. */
final readonly class LineSocket
{
    /** How long an answer is waited for, s: a question never holds a worker. */
    private const PATIENCE_S = 0.25;

    private const LONGEST = 4096;

    /** @param  string|null  $path  of the socket; null when none is set up */
    public function __construct(private ?string $path)
    {
    }

    /** @param  array<string, mixed>  $question */
    public function ask(array $question): stdClass|NoAnswer
    {
        if ($this->path === null || ! file_exists($this->path)) {
            return NoAnswer::Absent;
        }
        $socket = @stream_socket_client('unix://'.$this->path, $number, $reason, self::PATIENCE_S);
        if ($socket === false) {
            return NoAnswer::Absent;
        }
        stream_set_timeout($socket, 0, (int) (self::PATIENCE_S * 1_000_000));
        @fwrite($socket, json_encode($question, JSON_THROW_ON_ERROR)."\n");
        $line = fgets($socket, self::LONGEST);
        fclose($socket);
        if ($line === false) {
            return NoAnswer::Silent;
        }
        $said = json_decode($line);

        return $said instanceof stdClass ? $said : NoAnswer::Garbled;
    }
}
