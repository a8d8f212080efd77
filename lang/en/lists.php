<?php

declare(strict_types=1);

// What stands between things that are named one after the other, and before the last.
return [
    'and' => [
        'between' => ', ',
        'last' => ' and ',
    ],
    'commas' => [
        'between' => ', ',
        'last' => ', ',
    ],
    'or' => [
        'between' => '; or ',
        'last' => '; or ',
    ],
    'or_of' => [
        'between' => ', or ',
        'last' => ', or ',
    ],
    'semicolons' => [
        'between' => '; ',
        'last' => '; ',
    ],
    'sentences' => [
        'between' => ' ',
        'last' => ' ',
    ],
];
