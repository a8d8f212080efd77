<?php

declare(strict_types=1);

// What figures hang on, where a range names its causes.
return [
    'activation' => 'how it sets by temperature',
    'advancing_angle' => 'how it wets an edge',
    'densities' => 'typical densities',
    'edge_film' => 'the edge film',
    'edge_radius' => 'how round the edges are',
    'full_cure' => 'the label\'s full cure',
    'handle' => 'the label\'s handle from',
    'hands' => 'your hands',
    'heat' => 'the heat of its reaction',
    'heat_loss' => 'how fast a cup cools',
    'open' => 'the label\'s open time',
    'pot_life' => 'the label\'s pot life',
    'recoat_from' => 'the label\'s recoat from',
    'recoat_to' => 'the label\'s recoat to',
    'residue' => 'what the cups keep',
    'runoff' => 'the run-off',
    'sand_from' => 'the label\'s sand from',
    'soak' => 'the soak',
    'temperature' => 'the temperature of the room',
    'tension' => 'the surface tension',
    'viscosity' => 'the thickness of the resin',
];
