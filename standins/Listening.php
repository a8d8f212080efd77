<?php

declare(strict_types=1);

namespace OpenGlaze\StandIns;

/** A simulated device behind a local socket: one line asks, one line answers, any number of callers. */
final class Listening
{
    /**
     * Listens for ever.
     *
     * @param  string  $name  what it is called where it says that it listens
     * @param  callable(string, float): ?string  $answer  to a line, so many s after it was switched on; null where it says nothing
     */
    public static function on(string $path, string $name, callable $answer): never
    {
        if ($path === '') {
            fwrite(STDERR, "serve.php SOCKET\n");
            exit(2);
        }
        @unlink($path);
        $server = @stream_socket_server("unix://$path", $number, $reason);
        if ($server === false) {
            fwrite(STDERR, "The $name cannot listen on $path: $reason\n");
            exit(1);
        }
        chmod($path, 0600);
        fwrite(STDOUT, "The $name answers on $path\n");
        $start = hrtime(true);
        $callers = [];
        while (true) {
            $readable = [$server, ...$callers];
            $none = null;
            if (@stream_select($readable, $none, $none, 1) === false) {
                continue;
            }
            foreach ($readable as $stream) {
                if ($stream === $server) {
                    $caller = @stream_socket_accept($server, 0);
                    if ($caller !== false) {
                        stream_set_timeout($caller, 1);
                        $callers[(int) $caller] = $caller;
                    }

                    continue;
                }
                $line = fgets($stream, 4096);
                $said = $line === false ? null : $answer($line, (hrtime(true) - $start) / 1e9);
                if ($said === null || @fwrite($stream, $said) === false) {
                    fclose($stream);
                    unset($callers[(int) $stream]);
                }
            }
        }
    }
}
