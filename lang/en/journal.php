<?php

declare(strict_types=1);

// Why something cannot be written down, by the codes of OpenGlaze\Core\Journal\Refusal.
return [
    'grams' => ':grams g',
    'words_erased' => 'The words are erased.',
    'erased' => '{0} There were no words.|{1} The words of one event are erased.|[2,*] The words of :count events are erased.',
    'refused' => [
        'not_there' => 'There is nothing here that this could happen to. It may belong to another studio.',
        'not_of_this' => 'That does not happen to this.',
        'not_of_this_studio' => 'Another studio is served at this address now. What was pressed waits for its own.',
        'unreadable' => 'What was sent cannot be read.',
        'already_begun' => 'It is being poured already: the clock of :title began at :at.',
        'not_measured' => 'Weigh both parts first.',
        'weighed_already' => 'That was weighed already: what the cup holds is shown now.',
        'not_mixed' => 'Stir first: it counts from when it is mixed.',
        'already_mixed' => 'It is mixed already: nothing is taken out of a mix.',
        'both_parts_in' => 'Both parts are in the cup already.',
        'poured_already' => 'This batch is being poured already.',
        'not_poured' => 'Nothing of it is on the piece yet: press that first.',
        'unknown_act' => 'This film has no such act any more.',
        'tool_ruled_out' => 'That tool is ruled out over this film: by its mould or liner, by what is in the mix, or because moving air pushes it. Others do it; it burns, scars or runs. Take what is planned, or less.',
        'acts_done' => 'Something was done since: take that back first.',
        'cannot_undo' => 'That cannot be taken back.',
        'no_amount' => 'Write an amount above nothing, such as 38.2 g, 35 ml or 2 tbsp, and at most 100 kg.',
        'so_much' => ':amount, where :missing are missing? Press it once more if so, or type it again.',
        'no_reason' => 'Say in a word why.',
    ],
];
