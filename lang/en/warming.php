<?php

declare(strict_types=1);

return [
    'no_heat' => 'This warms no film: take a heat gun, or a flame where none is ruled out.',
    'too_hot' => 'The film would get to :reaches; past :most it yellows and runs away. Stay over each place for less time.',
];
