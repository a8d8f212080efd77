<?php

declare(strict_types=1);

// What was just done.
return [
    'back' => ':name is back.',
    'clocks_run' => 'All clocks of this batch run. Pour in this order, from the first on.',
    'coat_away' => 'The :kind coat was taken away.',
    'coat_back' => 'The :kind coat is back.',
    'coats_back' => 'The coats are back.',
    'halved' => 'Half of them are in a cup of their own now.',
    'in_coats' => 'It is laid in :count coats now.',
    'lot_away' => 'Lot :name was taken away.',
    'lot_back' => 'Lot :name is back.',
    'off_shelf' => ':name was taken from the shelf.',
    'on_shelf' => ':name stands on the shelf.',
    'one_coat_again' => 'It is one coat again.',
    'same_again' => 'The same again, with its coats: give it its size.',
    'saved' => 'Saved.',
    'saved_one_pour_keeps' => 'Saved. The one pour with it keeps its sheet as it was.',
    'saved_pours_keep' => 'Saved. The :count pours with it keep their sheet as it was.',
    'stack_kept' => '":name" can be laid on any piece now.',
    'stack_laid' => '":name" is laid on :piece.',
    'taken_away' => ':name was taken away.',
    'written_down' => 'Written down.',
];
