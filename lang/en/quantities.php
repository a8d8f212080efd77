<?php

declare(strict_types=1);

// How quantities are written, by their units.
return [
    'celsius' => ':n °C',
    'fahrenheit' => ':n °F',
    'floz' => ':n fl oz',
    'floz_per_ft2' => ':n fl oz a square foot',
    'h' => ':n h',
    'in' => ':n in',
    'in_per_ft' => ':n in in a foot',
    'min' => ':n min',
    'ml' => ':n ml',
    'ml_per_m2' => ':n ml/m²',
    'mm' => ':n mm',
    'mm_per_m' => ':n mm in a metre',
    'percent' => ':n %',
    'thousands' => ',',
];
