<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

enum ResinFamily: string
{
    case Coating = 'coating';
    case Casting = 'casting';
    case Fast = 'fast';
    case Dome = 'dome';
    case Polyester = 'polyester';
}
