<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

/** How far a step has come. */
enum StepState: string
{
    case Open = 'open';
    case Done = 'done';
    case Skipped = 'skipped';
}
