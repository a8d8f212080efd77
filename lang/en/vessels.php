<?php

declare(strict_types=1);

// Vessels that cannot be, or do not take what is asked of them.
return [
    'floor_too_high' => 'The round of the floor is higher than the vessel: :height mm.',
    'floor_too_round' => 'The floor cannot be rounder than half a ball: at most :most mm.',
    'not_positive' => 'A vessel needs diameters and a height above 0 mm.',
    'too_small' => ':ml ml do not go into a vessel of :holds ml.',
];
