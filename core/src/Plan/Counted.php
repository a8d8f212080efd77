<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

/** Whether an amount is what lies on the face, or what came out of the bottles. */
enum Counted: string
{
    case Laid = 'laid';
    case Mixed = 'mixed';
}
