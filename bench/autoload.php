<?php

declare(strict_types=1);

// What is measured here needs what the tests need; says so where only the application is installed.
$autoload = __DIR__.'/../vendor/autoload.php';
if (is_file($autoload)) {
    require $autoload;
}
if (! class_exists(PHPUnit\Framework\TestCase::class) || ! class_exists(Bench\Figures::class)) {
    fwrite(STDERR, "Run bin/test once first: it installs what this needs besides the application.\n");
    exit(2);
}
