<?php

declare(strict_types=1);

// What a pour is called.
return [
    'lift' => ':title, lift :lift of :of',
    'some' => ':title, :count of :of',
];
