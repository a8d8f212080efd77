<?php

declare(strict_types=1);

// What a resin's label may be silent on, named in the advice on the sheet.
return [
    'after' => ':what: :hours',
    'full_cure' => 'when it is cured',
    'handle' => 'when to handle',
    'max_pour' => 'how deep a pour may be',
    'recoat_from' => 'when to recoat',
    'recoat_to' => 'until when to recoat',
    'sand_from' => 'when to sand',
];
