<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Batch\BatchResult;

/** One rule of the work that may have something to say about a computed batch. */
interface BatchRule
{
    /** @return list<Advice> */
    public function judge(BatchResult $result): array;
}
