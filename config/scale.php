<?php

declare(strict_types=1);

/** The bench scale: the local socket that it answers on. Without one, what its display says is typed. */
return ['socket' => env('SCALE_SOCKET')];
