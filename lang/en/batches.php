<?php

declare(strict_types=1);

// Parts of sentences on what is mixed together.
return [
    'colour' => 'Colour :number',
    'some_of' => ':count of :all :piece',
    'spares' => ':more',
    'spare' => ':count more of :piece',
];
