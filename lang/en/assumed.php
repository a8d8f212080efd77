<?php

declare(strict_types=1);

// What is taken where nobody said, named in the advice on the sheet.
return [
    'activation' => 'how fast it sets by temperature',
    'counted_film' => 'film of what is counted (:film)',
    'density_a' => 'density of part A',
    'density_b' => 'density of part B',
    'edge_film' => 'edge film',
    'flow_activation' => 'how thick it is by temperature',
    'heat' => 'heat of reaction (:heat kJ/kg)',
    'humidity' => 'humidity',
    'margin' => 'margin',
    'open_as_in_cup' => 'working time in the film (as in the cup)',
    'reference' => 'the temperature its times are for',
    'residue' => 'what the cups keep',
    'runoff' => 'run-off',
    'soak' => 'soak',
    'tension' => 'surface tension',
    'viscosity' => 'thickness of the mixed resin',
    'wall_angle' => 'how the wall is wetted',
];
