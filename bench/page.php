<?php

declare(strict_types=1);

// Asks for one page of a studio in a process of its own, and prints ms, queries and peak MB.
//
//   DB_DATABASE=… php bench/page.php /pieces

use Illuminate\Contracts\Http\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

require __DIR__.'/../vendor/autoload.php';

(static function (mixed $app, string $path, string $accept): void {
    assert($app instanceof Application);
    $kernel = $app->make(Kernel::class);
    $kernel->bootstrap();
    DB::enableQueryLog();
    $host = explode(',', (string) getenv('SERVED_AT') ?: '127.0.0.1:8000')[0];
    $begin = hrtime(true);
    $response = $kernel->handle(Request::create("http://$host$path", 'GET', server: ['HTTP_ACCEPT' => $accept]));
    if (getenv('QUERIES')) {
        foreach (array_count_values(array_column(DB::getQueryLog(), 'query')) as $q => $n) {
            if ($n > 1) {
                fwrite(STDERR, $n.' x '.substr((string) $q, 0, 150)."\n");
            }
        }
    }
    printf("%d %.1f %d %.1f %d\n", $response->getStatusCode(), (hrtime(true) - $begin) / 1e6, count(DB::getQueryLog()), memory_get_peak_usage() / 1048576, strlen((string) $response->getContent()));
})(require __DIR__.'/../bootstrap/app.php', $argv[1] ?? '/', $argv[2] ?? 'text/html');
