<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Advice;

/** What a remedy changes. */
enum RemedyKind: string
{
    /** the film is made so thick */
    case Film = 'film';
    /** the same depth is poured in so many lifts */
    case Lifts = 'lifts';
    /** the same film is laid as so many equal coats */
    case Coats = 'coats';
    /** so much of the film, in per cent, is poured on top to run off */
    case Runoff = 'runoff';
    /** half of the pieces go into a cup of their own */
    case Halve = 'halve';
    /** all of it is poured before the first piece is spread */
    case Together = 'together';
}
