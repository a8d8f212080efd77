<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Run;

use OpenGlaze\Core\Coating\CoatResult;

/** One thing that hands do to a film after its pour, as often as it wants it. */
interface ActRule
{
    /** @return list<Act> in the order of their times */
    public function acts(CoatResult $result): array;
}
