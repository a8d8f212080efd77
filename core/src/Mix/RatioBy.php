<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Mix;

enum RatioBy: string
{
    case Volume = 'volume';
    case Weight = 'weight';
}
