<?php

declare(strict_types=1);

// What is said of plans that came in files.
return [
    'known' => 'This very file was brought in before, as :name. Nothing was read.',
    'put_away' => ':name was put away.',
    'is_back' => ':name is back.',
    'removed' => ':name was removed. What was poured of it stays in the log.',
    'put_away_first' => 'Put :name away first; what is put away can be removed.',
    'still_wet' => ':title is still setting: wait until it can be handled.',
    'own_stays' => "The studio's own plan stays.",
];
