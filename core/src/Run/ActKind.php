<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Run;

/** What the hands do while a film sets. */
enum ActKind: string
{
    case Pass = 'pass';
    case Wipe = 'wipe';
    case Look = 'look';
    case Cover = 'cover';
}
