<?php

declare(strict_types=1);

// What is said of a resin's label: what is hard to believe in it, and what it is silent on.
return [
    'doubts' => [
        'cured_before_handled' => 'It would be fully cured (:cured) before it can be handled (:handle).',
        'density' => 'Part :part would weigh :density g a ml: resins weigh :lightest to :heaviest. Weigh 100 ml of it, less the cup.',
        'handled_before_coated' => 'It could be handled (:handle) before it can be coated (:recoat).',
        'long_stir' => 'Stirring would take half of its open time: is the stirring time in minutes?',
        'more_of_b' => 'It takes more of B than of A (:a to :b): are they the right way round on the bottles?',
        'pot_life_over_open' => 'Its pot life (:potLife) is longer than its open time (:open): a full cup sets before a thin film does.',
        'sanded_in_window' => 'It could be sanded (:sand) while its window is open (until :until): resin that takes a coat is too soft to sand.',
        'steep_ratio' => 'It takes :a of A to :b of B: is that the whole ratio, both in the same unit?',
        'still_flows' => 'It would still flow (:open) when the next coat is due (:recoat): is the open time in minutes, and "recoat from" in hours?',
        'weighs_as_water' => 'Both parts weigh as much as water: do the bottles name litres for kilograms? Weigh 100 ml of each, less the cup.',
    ],
    'silences' => [
        'densities' => 'Densities: typical ones are taken. Measure it by volume; weighed, the ratio may be off by up to :off.',
        'density_b' => 'Density of part B: it cannot be weighed.',
        'full_cure' => 'Fully cured: when it can go out.',
        'handle' => 'Handle from: when the bench is free, when a piece can be turned or demoulded.',
        'max_pour' => 'Deepest pour: deep pours are split by heat alone.',
        'mix' => 'Stirring time: the stir is counted until it is clear, and mixing is left out of the evening.',
        'pot_life' => 'Pot life: its heat is a usual one, not its own.',
        'recoat_from' => 'Recoat from: when the next coat can go on, how it warms in its cup, how hot a deep pour gets.',
        'recoat_to' => 'Recoat to: until when the next coat bonds without sanding.',
        'reference' => 'The temperature its times are for: :reference is taken.',
        'sand_from' => 'Sand from: when a missed window can be mended.',
        'typical' => 'Its label does not say :what: :hours is taken, typical of its kind.',
        'typical_depth' => 'Deepest pour: up to :depth is typical of its kind; lifts are split by heat alone.',
        'viscosity' => 'Thickness: :viscosity Pa·s, typical of its kind, is taken.',
    ],
];
