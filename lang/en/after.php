<?php

declare(strict_types=1);

// What is seen to when every film of an evening is covered.
return [
    'bottles' => [
        'how' => 'Each with its own cap, the threads wiped: changed for the other, a cap sets fast.',
        'title' => 'Bottles shut',
    ],
    'flame' => [
        'how' => 'Valve shut. It rests until it is cold before it is refilled, in moving air and as its maker says.',
        'title' => 'Burner out and cold',
    ],
    'heat_gun' => [
        'how' => 'On its stand until its nozzle is cold.',
        'title' => 'Heat gun off',
    ],
    'oil' => [
        'how' => 'Bench, sides and tools wiped: what is left of it makes craters in the next film.',
        'title' => 'Effect oil wiped up',
    ],
    'open' => [
        'left' => 'Left for another evening: the cup for',
        'rest' => 'Say what becomes of the rest',
        'unwritten' => 'Weigh the cup back, and write down what it took',
    ],
    'rest' => ':ml of :cup',
    'room' => [
        'how' => 'Level and warm all night, door shut, children and animals out. Cold doubles the wait.',
        'title' => 'The room for the night',
    ],
    'waste' => [
        'how' => 'What is left hardens in thin layers, outside if it gets hot. Never down a drain. Rags with alcohol or solvent flat to dry, outdoors. Skin: soap and water, never solvent.',
        'title' => 'Cups, sticks, gloves, rags',
    ],
];
