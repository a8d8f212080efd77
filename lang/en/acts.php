<?php

declare(strict_types=1);

// What the hands do from the stir to the cover.
return [
    'cover' => [
        'how' => 'Against dust, touching nothing. It stays level and warm until it can be handled.',
        'title' => 'Cover it',
        'wait' => 'Cover on for the wait',
        'wait_how' => 'Against dust, touching nothing. It comes off again for this: :act.',
    ],
    'heat' => [
        'after_oil' => 'Not before all of the alcohol of the oil wash is gone, from sides and bench too.',
        'because' => ':how :why',
        'breath' => 'Breathe out through a straw, never in; with a mask on take a pin or a soft brush tip. No flame on a piece this small.',
        'flame' => 'Sticky gloves off first. Quick passes, a few centimetres off, always moving, never still.',
        'heat_gun' => 'Held well off and moving: it pushes the film and blows dust.',
        'none' => 'Leave the bubbles to rise.',
    ],
    'look' => [
        'again' => 'Something gives off air from below: pick what has risen, and look again.',
        'habit' => 'At eye level against a light.',
        'how' => 'At eye level against a light: a missed pinprick, a hair, a bubble. Pick it with a pin.',
        'last' => 'Last look',
        'numbered' => 'Look :number of :of',
    ],
    'no_flame' => [
        'burns' => 'No flame and no heat gun: :what in it burns. Others do it; the film takes fire.',
        'may_burn' => 'No flame and no heat gun: :what in it is of unknown make-up, and counts as flammable.',
        'over' => 'No flame over :what: it softens or burns. Others do it; it scorches the piece, or takes fire.',
        'polyester' => 'No flame and no heat gun: the vapour of polyester burns.',
        'thinner' => 'No flame and no heat gun: what it is thinned with burns. Others do it; the film takes fire.',
        'thinner_unknown' => 'No flame and no heat gun: what it is thinned with is unknown, and counts as flammable.',
    ],
    'nudge' => [
        'how' => 'What moved goes back now, with a stick; later the film does not close behind it.',
        'title' => 'Last nudge: :names',
    ],
    'oil' => [
        'how' => 'Oil still moves in it: look along the film for a crater that opens to the ground, and touch the rest wet again. What lies on it next wants hardening, wiping, sanding and alcohol first.',
        'title' => 'Look after the oil',
    ],
    'pass' => [
        'more' => 'One more heat pass',
        'third' => 'Only where bubbles stand: a third pass makes dimples and waves rather than taking bubbles out; a pin does less harm. :how',
        'numbered' => 'Heat pass :number of :of',
        'title' => 'Heat pass',
    ],
    'place' => [
        'how' => 'After the last heat, on a film that holds it. It cannot be moved later.',
        'title' => 'Place :names on top',
    ],
    'pour' => [
        'both' => ':first :then',
        'brush' => 'Brushed thin, across and across again.',
        'centre' => 'In the middle; push, do not brush.',
        'cups' => 'Small cups turned over, one beside the other: wait until they have run empty, lift them, let them drain.',
        'dammed' => 'Up to the dam all round, every corner touched wet.',
        'drops' => 'Drop by drop, apart: they are to keep their shape. No heat, no spreading.',
        'held' => 'The wet edge up to the rim last, and not over it. Every spot touched wet.',
        'lacing' => 'Ribbons of each colour beside each other, then blown over: out only, from low down.',
        'lines' => 'Line by line without a stop: they are to keep their shape. No heat, no spreading.',
        'mould' => 'From one side, corners and narrow arms first. A soft brush tip takes the air off floor and corners, in an opaque mix a gentle blind stir; then squeeze the mould, or tap it on the bench.',
        'open' => 'The wet edge out to the rim last, and over it. Every spot and the sides touched wet.',
        'ribbons' => 'In ribbons over the face; push them together, do not brush.',
        'skim' => 'A little, rubbed thin with a gloved finger into every line of the relief.',
        'stripes' => 'In stripes, one beside the other; they meet by themselves.',
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
