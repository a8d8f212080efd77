<?php

declare(strict_types=1);

// A rehearsal: what goes wrong in it, and what is said of it afterwards.
return [
    'cold_night' => [
        'title' => 'A cold night',
        'told' => 'It is getting cold: every clock moves.',
        'wanted' => 'The clocks follow the room by themselves. Go by what they show now, and keep the room warm.',
        'lost' => 'The room got cold.',
    ],
    'dead_scale' => [
        'title' => 'A dead scale',
        'told' => 'The scale shows nothing.',
        'wanted' => 'Measure by the lines on the cups, or type what another scale says.',
        'lost' => 'Without a scale nothing was mixed.',
    ],
    'early' => [
        'lost' => ':act, :film: too early. There was nothing to do yet.',
        'saved' => 'Wait for its time: it was due :wait later.',
    ],
    'hair' => [
        'title' => 'A hair in the film',
        'told' => 'A hair lies in :thing.',
        'wanted' => 'Look along every film against the light; press Mishap, pick it with a pin while the film heals.',
        'lost' => 'A hair set in :thing.',
    ],
    'lost' => [
        'cover' => ':film was not covered: dust.',
        'look' => ':act, :film: nobody looked while something could still be done.',
        'mend' => ':act, :film: it went on running.',
        'pass' => ':act, :film: not while it healed. Its bubbles stay, or heat left a scar.',
        'pick' => ':act, :film: it set.',
        'pour' => ':film was not poured in time.',
        'wipe' => ':act, :film: what ran over hangs there and sets.',
    ],
    'no_evening' => 'Nothing is planned for tonight: choose what is poured first, then rehearse it.',
    'no_room' => 'A copy of the studio could not be written. Make room on the disk, then try again: nothing of the studio is changed.',
    'saved' => [
        'door' => 'You were at the door. Whoever rings can wait, or comes in with gloves.',
        'helper' => 'Your hands were at what could not wait either. A second pair of hands, or fewer pieces in one cup.',
        'press' => 'There was time for it, for :wait after it was due, and nothing else that could not wait.',
        'waited' => 'You did :act, :film, meanwhile: that could have waited another :wait.',
        'waited_long' => 'You did :act, :film, meanwhile: that could have waited, and this could not.',
    ],
    'short_cup' => [
        'title' => 'A short cup',
        'told' => 'The cup is empty at :thing: :ml are missing.',
        'wanted' => 'Press Mishap, say how much is missing, and spread what there is, or mix the rest in time.',
        'lost' => ':thing stayed short, and nobody worked out by how much.',
    ],
    'smoking_cup' => [
        'title' => 'A smoking cup',
        'told' => 'The cup smokes.',
        'wanted' => 'Outside with it at once, on bare ground; press Mishap. Sooner: pour all pieces first, so that the cup is empty early.',
        'lost' => 'The cup stood smoking in the room.',
    ],
    'sticky' => [
        'lost' => ':act, :film: a flame right after sticky hands.',
        'saved' => 'Sticky gloves off first. It takes half a minute, and the pass can wait that long.',
    ],
    'visitor' => [
        'title' => 'A visitor',
        'told' => 'Somebody rings at the door.',
        'wanted' => 'Let them wait: the film does not.',
        'lost' => 'Some minutes went by at the door, with films open.',
    ],
];
