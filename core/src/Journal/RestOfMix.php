<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

/** What became of mixed resin that was left in its cup. */
enum RestOfMix: string
{
    /** in a wide shallow dish, or on a board: it cannot heat up there */
    case LaidThin = 'laid_thin';
    case HardensInCup = 'hardens_in_cup';
    case OnAnotherPiece = 'on_another_piece';
}
