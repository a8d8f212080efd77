<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Coating\CoatResult;

/** One rule of the work that may have something to say about a computed coat. */
interface CoatRule
{
    /** @return list<Advice> */
    public function judge(CoatResult $result): array;
}
