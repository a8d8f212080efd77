<?php

declare(strict_types=1);

/** Serves the stand-in of a bench scale on a local socket: php standins/scale/serve.php SOCKET */

use OpenGlaze\StandIns\Listening;
use OpenGlaze\StandIns\Scale\BenchScale;
use OpenGlaze\StandIns\Scale\Talk;

require __DIR__.'/../Listening.php';
require __DIR__.'/BenchScale.php';
require __DIR__.'/Talk.php';

$talk = new Talk(new BenchScale(static fn (): float => mt_rand() / mt_getrandmax()));
Listening::on($argv[1] ?? '', 'scale', $talk->answer(...));
