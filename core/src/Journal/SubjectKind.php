<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

/** What events happen to: a cup from its first gram, a film from the end of its stirring, the bottles of a lot, the evening that is prepared. */
enum SubjectKind: string
{
    case Cup = 'cup';
    case Film = 'film';
    case Lot = 'lot';
    case Evening = 'evening';
}
