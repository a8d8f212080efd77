<?php

declare(strict_types=1);

// What a face is made of, in the trade's words.
return [
    'cured_resin' => 'cured resin',
    'fabric' => 'fabric',
    'glass' => 'glass',
    'glazed_tile' => 'glazed tile',
    'metal' => 'metal',
    'old_paint' => 'old paint or varnish',
    'painted' => 'a finished painting or print ink',
    'primed_canvas' => 'primed canvas',
    'printed_plastic' => 'printed plastic',
    'raw_mdf' => 'raw MDF',
    'raw_ply' => 'raw plywood',
    'raw_wood' => 'raw solid wood',
    'sealed' => 'a sealed surface',
    'slate' => 'slate',
    'unglazed_ceramic' => 'unglazed ceramic',
    'unsealed_paper' => 'unsealed paper or print',
];
