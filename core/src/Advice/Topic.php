<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Advice;

/** What part of a coat an advice belongs to, so that it can be shown there. */
enum Topic: string
{
    case Thickness = 'thickness';
    case Bench = 'bench';
    case Room = 'room';
    case Surface = 'surface';
    case Heat = 'heat';
    case Sheet = 'sheet';
}
