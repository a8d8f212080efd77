<?php

declare(strict_types=1);

// What goes wrong with a whole page or request, by the status of its answer or by a code.
return [
    '400' => 'This address cannot be read.',
    '404' => 'There is nothing at this address. It may have been taken away.',
    '405' => 'This address does not take that.',
    '413' => 'That file is too large: choose one of at most 20 MB.',
    '419' => 'This page was open for too long. Reload it and do that again.',
    '421' => 'Nothing is served at this address.',
    '500' => 'Something went wrong here, and was written to the log. What you had saved is still there.',
    '503' => 'Open Glaze is being set up. Try again in a moment.',
    'full' => 'The disk is full, so nothing more can be written down. Make room, then do that again; running clocks go on.',
    'locked' => 'The studio is busy writing. Try again in a moment; nothing was lost.',
    'no_number' => 'One of the numbers is larger than any number that can be worked with.',
    'not_ours' => 'This can only be asked for by the studio\'s own pages.',
    'read_only' => 'The studio file cannot be written to. Check who may write it, then do that again; running clocks go on.',
    'too_much' => 'That is more than can be read at once.',
    'unreadable' => 'The page sent something that cannot be read. Reload it and try again.',
];
