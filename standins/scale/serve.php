<?php

declare(strict_types=1);

/** Serves the stand-in of a bench scale on a local socket: php standins/scale/serve.php SOCKET */

use OpenGlaze\StandIns\Scale\BenchScale;
use OpenGlaze\StandIns\Scale\Talk;

require __DIR__.'/BenchScale.php';
require __DIR__.'/Talk.php';

$path = $argv[1] ?? '';
if ($path === '') {
    fwrite(STDERR, "php standins/scale/serve.php SOCKET\n");
    exit(2);
}
@unlink($path);
$server = @stream_socket_server("unix://$path", $number, $reason);
if ($server === false) {
    fwrite(STDERR, "The scale cannot listen on $path: $reason\n");
    exit(1);
}
chmod($path, 0600);
fwrite(STDOUT, "The scale answers on $path\n");
$talk = new Talk(new BenchScale(static fn (): float => mt_rand() / mt_getrandmax()));
$start = hrtime(true);
$now = static fn (): float => (hrtime(true) - $start) / 1e9;
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
        if ($line === false || @fwrite($stream, $talk->answer($line, $now())) === false) {
            fclose($stream);
            unset($callers[(int) $stream]);
        }
    }
}
