<?php

declare(strict_types=1);

// Mixes that cannot be.
return [
    'density_not_positive' => 'The densities of both parts must be more than 0 g/ml.',
    'no_density' => 'The sheet of :resin gives no density of part B: measure it by volume, or write its density down.',
    'outside_catalyst_table' => 'The label\'s catalyst table goes from :least to :most mm, and this layer is :depth mm: plan a layer within it, or several.',
    'ratio_not_positive' => 'Both parts of a ratio must be more than 0; this one is :a to :b.',
];
