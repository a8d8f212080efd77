<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

/**
 * What happens to a cup.
 *
 * @phpstan-sealed MixingBegun|Weighed|PartsTurned|StirringBegun|StirringEnded|RestSeenTo|Discarded
 */
interface CupFact extends Fact
{
}
