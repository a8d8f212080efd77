<?php

declare(strict_types=1);

// What a calendar reminds of.
return [
    'handle' => [
        'text' => 'From now on it can be lifted and turned. The time is as the room was when this was written.',
        'title' => ':film can be handled',
    ],
    'tape_off' => [
        'text' => 'Pull the tape with its drips while the film is firm and not hard. The time is as the room was when this was written.',
        'title' => 'Tape off :film',
    ],
    'trim' => [
        'text' => 'Drips that were left still cut; later they are sanded. The time is as the room was when this was written.',
        'title' => 'Trim :film',
    ],
    'window' => [
        'text' => 'The next coat bonds without sanding as long as this lasts, when a gloved finger leaves no print. The time is as the room was when this was written.',
        'title' => 'Recoat window of :film',
    ],
];
