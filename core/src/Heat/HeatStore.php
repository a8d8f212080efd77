<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Heat;

/** Where heats of reaction that were worked out are kept from one process to the next. */
interface HeatStore
{
    public function get(string $key): ?KnownHeat;

    public function put(string $key, KnownHeat $heat): void;
}
