<?php

declare(strict_types=1);

// What is said of plans that came in files.
return [
    'is_back' => ':name is back.',
    'known' => 'This very file was brought in before, as :name. Nothing was read.',
    'own_stays' => 'The studio\'s own plan stays.',
    'put_away' => ':name was put away.',
    'put_away_first' => 'Put :name away first; what is put away can be removed.',
    'removed' => ':name was removed. What was poured of it stays in the log.',
    'still_wet' => ':title is still setting: wait until it can be handled.',
    'was_read' => ':name was read.',
];
