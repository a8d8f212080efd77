<?php

declare(strict_types=1);

// What holds a film in, in the trade's words.
return [
    'border' => 'a slick border',
    'drape' => 'plastic film',
    'frame' => 'a wooden frame',
    'lip' => 'its own lip',
    'mould' => 'a mould',
    'tape' => 'tape',
];
