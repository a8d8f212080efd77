<?php

declare(strict_types=1);

// How figures came about: what they and what went into them are called.
return [
    'soak_of' => 'soak of :surface',
];
