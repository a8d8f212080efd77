<?php

declare(strict_types=1);

// Writes down what is computed now of the plans of AsComputedTest. Read the difference before it is kept.
//
//   php core/tests/Answer/compute-anew.php [how many, as many as before]

use OpenGlaze\Core\Tests\Support\AsComputed;
use OpenGlaze\Core\Tests\Support\RandomPlans;

require __DIR__.'/../../../vendor/autoload.php';

$file = __DIR__.'/as-computed.jsonl';
$many = (int) ($argv[1] ?? count(file($file) ?: []));
$lines = array_map(static fn (int $number): string => json_encode(array_values(AsComputed::of(RandomPlans::number($number))), JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES)."\n", range(1, $many));
file_put_contents($file, implode('', $lines));
