<?php

declare(strict_types=1);

// What is weighed next.
return [
    'colourant' => ':name',
    'more' => 'More of part :part',
    'part' => 'Part :part',
    'resin' => 'Mixed resin for ":cup"',
];
