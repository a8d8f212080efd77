<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

/**
 * What happens to a film.
 *
 * @phpstan-sealed PourBegun|Staged|Poured|ActDone|ActSkipped|ToppedUp|Observed|Oiled|Happened|TookSaid|TakenOff
 */
interface FilmFact extends Fact
{
}
