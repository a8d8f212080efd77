<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Batch\ColourShare;

/** One rule of the work that may have something to say about one colour cup of a batch. */
interface ColourRule
{
    /** @return list<Advice> */
    public function judge(ColourShare $share, BatchResult $result): array;
}
