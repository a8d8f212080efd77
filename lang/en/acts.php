<?php

declare(strict_types=1);

// What the hands do from the stir to the cover.
return [
    'cover' => [
        'how' => 'Against dust, touching nothing. It stays level and warm until it can be handled.',
        'title' => 'Cover it',
    ],
    'heat' => [
        'breath' => 'Breath out through a straw, or a pin with a mask on. No flame on a piece this small.',
        'flame' => 'Sticky gloves off first. Quick passes, a few centimetres off, always moving, never still.',
        'heat_gun' => 'Held well off and moving: it pushes the film and blows dust.',
        'none' => 'Leave the bubbles to rise.',
    ],
    'look' => [
        'again' => 'Something gives off air from below: pick what has risen, and look again.',
        'how' => 'At eye level against a light: a missed pinprick, a hair, a bubble. Pick it with a pin.',
        'last' => 'Last look',
        'numbered' => 'Look :number of :of',
    ],
    'oil' => [
        'how' => 'Oil still moves in it: look along the film for a crater that opens to the ground, and touch the rest wet again. What lies on it next wants hardening, wiping, sanding and alcohol first.',
        'title' => 'Look after the oil',
    ],
    'pass' => [
        'more' => 'One more heat pass',
        'numbered' => 'Heat pass :number of :of',
        'title' => 'Heat pass',
    ],
    'pour' => [
        'held' => 'In the middle or in ribbons; push, do not brush; the wet edge up to the rim last, and not over it. Every spot touched wet.',
        'open' => 'In the middle or in ribbons; push, do not brush; the wet edge out to the rim last, and over it. Every spot and the sides touched wet.',
    ],
    'stir' => [
        'minutes' => 'Stir slowly for :time, scrape wall, floor and stick. Then stir again in a second clean cup: the wall of the first holds unmixed resin.',
        'until_clear' => 'Stir slowly, scrape wall, floor and stick. Then stir again in a second clean cup: the wall of the first holds unmixed resin.',
    ],
    'wipe' => [
        'how' => 'Along the lower edge with a gloved finger or a stick, until no bead hangs.',
        'numbered' => 'Wipe the drips :number of :of',
        'title' => 'Wipe the drips',
    ],
];
