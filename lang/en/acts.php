<?php

declare(strict_types=1);

// What the hands do from the stir to the cover.
return [
    'pour' => [
        'held' => 'In the middle or in ribbons; push, do not brush; the wet edge up to the rim last, and not over it. Every spot touched wet.',
        'open' => 'In the middle or in ribbons; push, do not brush; the wet edge out to the rim last, and over it. Every spot and the sides touched wet.',
    ],
    'stir' => [
        'minutes' => 'Stir slowly for :time, scrape wall, floor and stick. Then stir again in a second clean cup: the wall of the first holds unmixed resin.',
        'until_clear' => 'Stir slowly, scrape wall, floor and stick. Then stir again in a second clean cup: the wall of the first holds unmixed resin.',
    ],
];
