<?php

declare(strict_types=1);

/** The names and ports that pages are served at; anything else that leads here is refused. */
return ['served_at' => array_values(array_filter(explode(',', (string) env('SERVED_AT', '127.0.0.1:8000,localhost:8000'))))];
