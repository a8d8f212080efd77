<?php

declare(strict_types=1);

// How quantities are written, by their units.
return [
    'mm' => ':n mm',
    'in' => ':n in',
    'ml' => ':n ml',
    'floz' => ':n fl oz',
    'celsius' => ':n °C',
    'fahrenheit' => ':n °F',
    'mm_per_m' => ':n mm in a metre',
    'in_per_ft' => ':n in in a foot',
    'min' => ':n min',
    'h' => ':n h',
    'percent' => ':n %',
    'ml_per_m2' => ':n ml/m²',
    'floz_per_ft2' => ':n fl oz a square foot',
];
