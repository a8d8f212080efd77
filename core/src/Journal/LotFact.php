<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

/**
 * What happens to the bottles of a lot.
 *
 * @phpstan-sealed Opened|Counted|Taken|ThrownAway
 */
interface LotFact extends Fact
{
}
