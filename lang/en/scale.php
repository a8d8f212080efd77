<?php

declare(strict_types=1);

// Why a scale says nothing that can be used: what to do, then why.
return [
    'absent' => 'Type what the display says: no scale answers here.',
    'not_understood' => 'Type what the display says: this scale speaks otherwise.',
    'overloaded' => 'Take something off: that is more than the scale carries.',
    'silent' => 'Look at the scale: it is there, and does not answer.',
    'unplugged' => 'Plug the scale in, or type what it said: it has no power. What is weighed so far is kept.',
];
