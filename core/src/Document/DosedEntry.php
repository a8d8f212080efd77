<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Document;

/** A recipe, or a colour cup with doses of its own, as a plan file writes it. */
final readonly class DosedEntry extends Entry
{
    /** @return list<string> ids of what is stirred in */
    public function colourants(): array
    {
        return array_values(array_filter(array_map(static fn (Entry $dose): ?string => $dose->text('colourant'), $this->entries('doses')), is_string(...)));
    }
}
