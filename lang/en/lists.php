<?php

declare(strict_types=1);

// What stands between things that are named one after the other, and before the last.
return [
    'commas' => ['between' => ', ', 'last' => ', '],
    'and' => ['between' => ', ', 'last' => ' and '],
    'semicolons' => ['between' => '; ', 'last' => '; '],
    'or_of' => ['between' => ', or ', 'last' => ', or '],
    'or' => ['between' => '; or ', 'last' => '; or '],
];
