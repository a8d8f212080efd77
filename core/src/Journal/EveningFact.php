<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

/**
 * What happens to an evening.
 *
 * @phpstan-sealed Checked
 */
interface EveningFact extends Fact
{
}
