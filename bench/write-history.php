<?php

declare(strict_types=1);

// Writes a long past into the database that DB_DATABASE names, and prints how long it takes to be folded anew, s.

use Bench\History;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;

require __DIR__.'/autoload.php';

$app = require __DIR__.'/../bootstrap/app.php';
assert($app instanceof Application);
$app->make(Kernel::class)->bootstrap();
History::write((int) ($argv[1] ?? 10_000), (int) ($argv[2] ?? 200));
echo round(History::fold(), 1), "\n";
