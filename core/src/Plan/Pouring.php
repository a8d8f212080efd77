<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

/** In which order pieces out of one cup are poured and spread. */
enum Pouring: string
{
    /** all are poured, then all are spread: the cup is empty early, and cannot heat up */
    case Together = 'together';
    /** each is spread before the next is poured */
    case OneByOne = 'one_by_one';
}
