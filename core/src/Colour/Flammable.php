<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Colour;

/** Whether something is solvent-borne; the values are those of the plan file. Unknown counts as yes. */
enum Flammable: string
{
    case Yes = 'yes';
    case No = 'no';
    case Unknown = 'unknown';

    public function forbidsFlame(): bool
    {
        return $this !== self::No;
    }
}
