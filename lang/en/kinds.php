<?php

declare(strict_types=1);

// What a coat is for, inside a sentence.
return [
    'back' => 'back',
    'base' => 'base',
    'dome' => 'dome',
    'flood' => 'flood',
    'layer' => 'layer',
    'seal' => 'seal',
    'skim' => 'skim',
    'top' => 'top',
];
