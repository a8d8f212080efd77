<?php

declare(strict_types=1);

// What nobody planned, and what to do about it at once.
return [
    'hair' => [
        'title' => 'A hair in the film',
        'first' => 'Pick it with a pin, flat along the film, until the film closes: what is pulled out then still heals.',
        'then' => 'Later leave it: when it is hard, sand it out and lay a top coat.',
        'pick' => 'Pick the hair',
        'how_pick' => 'With a pin, flat along the film. A little resin comes with it; the film closes over.',
    ],
    'leak' => [
        'title' => 'A leak under the dam',
        'first' => 'A hand over the place, then tape or hot glue on it from outside; a wedge or a weight behind it.',
        'then' => 'Top up what ran out when it holds.',
        'never' => 'No flame near tape or glue, and no pushing the dam inward: the film would climb it.',
        'mend' => 'Seal the leak',
        'how_mend' => 'From outside, tape or hot glue, and something that holds the dam against it.',
        'look' => 'Look at the dam again',
        'how_look' => 'All round, below it too. If it still runs, seal it again.',
    ],
    'short' => [
        'title' => 'Short of resin',
        'first' => 'Spread what is there to the rim first: every spot wet, and thin, is better than a bare corner.',
        'then' => 'Then choose: leave it as thin as it is, or mix the rest while the film still takes it.',
        'never' => 'Do not scrape the wall of the cup for it: what clings there is not mixed through.',
    ],
    'smoking' => [
        'title' => 'The cup smokes',
        'first' => 'Take it outside, on bare ground or concrete, away from people.',
        'then' => 'Before it smokes, when it is only hot: pour it out thin on plastic film.',
        'never' => 'Do not breathe it, do not cover it, and pour none of it on a piece.',
    ],
    'spill' => [
        'title' => 'A spill',
        'first' => 'Bring the piece or the cup out of it. Scrape it up with card, then paper; it hardens thin on plastic film.',
        'then' => 'Write down how much is gone: it is missing from a piece.',
        'skin' => 'Soap and water for skin, never solvent. Wet gloves off before anything else is touched.',
    ],
    'tipped' => [
        'title' => 'A bottle tipped over',
        'first' => 'Stand it up and close it with its own cap. Card and paper for what ran out, in moving air.',
        'then' => 'Count what is left in it: the shelf and what is still to be mixed go by that.',
        'skin' => 'Part B burns and sensitises most: soap and water at once, never solvent.',
    ],
];
