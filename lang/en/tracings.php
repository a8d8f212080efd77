<?php

declare(strict_types=1);

// Tracings that give no outline.
return [
    'beyond_horizon' => 'The outline runs past the horizon that these corners mean: mark the corners of the sheet again.',
    'no_sheet' => 'These corners make no four-sided sheet: mark them one after the other, going round it.',
    'points_too_close' => 'The two points of the known length lie on each other: mark them farther apart.',
];
