<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Support;

/** Stands for a field that is taken out of a plan. */
final class Gone
{
}
