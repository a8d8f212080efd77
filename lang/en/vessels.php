<?php

declare(strict_types=1);

// Vessels that cannot be, or do not take what is asked of them.
return [
    'afterwards' => [
        'bin' => 'Used once: let the rest harden in it, then bin it.',
        'hardens' => 'Out of use until the rest has hardened.',
        'lost' => 'A glass is lost: what hardens in it stays.',
        'wipe' => 'Wipe it out before it sets, or let the rest harden and break it out.',
    ],
    'floor_too_high' => 'The round of the floor is higher than the vessel: :height mm.',
    'floor_too_round' => 'The floor cannot be rounder than half a ball: at most :most mm.',
    'not_positive' => 'A vessel needs diameters and a height above 0 mm.',
    'too_small' => ':ml ml do not go into a vessel of :holds ml.',
];
