<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'cookie'),
    // A pour runs overnight: the page must still be allowed to write in the morning, and for weeks after.
    'lifetime' => 60 * 24 * 60,
    'expire_on_close' => false,
    // cookies are encrypted; nothing is written here for somebody who only looks
    'encrypt' => false,
    'lottery' => [0, 100],
    'cookie' => 'open-glaze',
    'path' => '/',
    'domain' => null,
    'secure' => false,
    'http_only' => true,
    'same_site' => 'lax',
];
