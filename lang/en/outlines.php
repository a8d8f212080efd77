<?php

declare(strict_types=1);

// Outlines that cannot be.
return [
    'crosses_itself' => 'The outline crosses itself near :place: move its points apart there.',
    'encloses_nothing' => 'This outline encloses nothing: draw it round some area.',
    'hole_outside' => 'A hole lies outside the piece near :place: keep it inside the edge.',
    'holes_overlap' => 'Two holes overlap near :place: move them apart, or make one of them.',
    'no_path_data' => 'This is not path data from its character :at on.',
    'no_sides' => 'Only a rectangle has single sides: coat all of the edge, none, or give its length.',
    'not_positive' => 'The :what must be more than 0 mm; it is :mm mm.',
    'place' => ':x, :y mm',
    'radius_too_large' => 'The corner\'s radius can be at most half of the shorter side, :most mm.',
    'ring_closed' => 'The inner diameter of a ring must be smaller than the outer one.',
    'sides' => [
        'diameter' => 'diameter',
        'height' => 'height',
        'width' => 'width',
    ],
    'too_few_points' => 'An outline needs three points or more; this one has :count.',
];
