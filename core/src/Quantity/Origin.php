<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Quantity;

/** Where a number came from; every trace says it of every input. */
enum Origin: string
{
    case Entered = 'entered';
    case Label = 'label';
    case Measured = 'measured';
    case Assumed = 'assumed';
    case Computed = 'computed';
    case Constant = 'constant';
}
