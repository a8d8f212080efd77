<?php

declare(strict_types=1);

// The last checks before the first cup, in the order of the room.
return [
    'air' => [
        'how' => 'It suits what is poured. Bottles and pieces as warm as the room.',
        'title' => 'Room :air, humidity :humidity, dew point :dew',
    ],
    'breath' => [
        'how' => 'Out only, never in; with a mask on take the pin.',
        'title' => 'A straw and a pin at hand',
    ],
    'covers' => [
        'how' => 'They clear the pieces all round, and are wiped inside.',
        'proud' => 'Something stands out of a film: they have to clear that, and the pieces all round. Wiped inside.',
        'one' => 'Its cover at hand',
        'title' => 'Covers at hand for :count pieces',
    ],
    'cups' => [
        'how' => 'Clean and dry, and one more to stir in the second time. Caps stay with their bottles.',
        'one' => 'Scale, sticks and a cup',
        'title' => 'Scale, sticks and :count cups',
    ],
    'dust' => [
        'how' => 'Bench wiped, door shut, children and animals out. Air moves out of the room, not over the bench.',
        'title' => 'Door and dust',
    ],
    'flame' => [
        'how' => 'Extinguisher and fire blanket in reach, hair and sleeves tied. No solvent, spirit, aerosol, tissue or sticky glove near, nor any alcohol still on a piece.',
        'title' => 'The burner, and what puts out a fire',
    ],
    'gloves' => [
        'how' => 'One over the other: a sticky pair comes off before clean hands or a flame, and a fresh one is beneath.',
        'title' => 'Layer :count pairs of gloves',
    ],
    'heat_gun' => [
        'how' => 'On its stand, its lead off the wet bench. No solvent, spirit or aerosol near.',
        'title' => 'The heat gun',
    ],
    'level' => [
        'how' => 'In two directions, the bench first, then the pieces. :piece is the most particular.',
        'title' => 'Level within :slope',
    ],
    'places' => [
        'how' => 'Pieces and covers fit, in the order of pouring. One place stays free to put things down, with the spare piece beside it.',
        'one' => 'A place for the piece',
        'title' => 'Numbered places for :count pieces',
    ],
];
