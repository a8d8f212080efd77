<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Steps;

use OpenGlaze\Core\Coating\CoatCase;

/** Knows one reason why a coat wants something done. */
interface StepSource
{
    /** @return list<PlannedStep> in the order in which they are done */
    public function of(CoatCase $case): array;
}
