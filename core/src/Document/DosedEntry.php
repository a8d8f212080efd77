<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Document;

/** A recipe, or a colour cup with doses of its own, as a plan file writes it. */
final readonly class DosedEntry extends Entry
{
    /** The same for so many times as much resin. */
    public function times(float $factor): self
    {
        $scaled = array_map(static function (Entry $dose) use ($factor): Entry {
            foreach (array_keys($dose->fields()) as $field) {
                $amount = $dose->number((string) $field);
                $dose = $amount === null ? $dose : $dose->with((string) $field, $amount * $factor);
            }

            return $dose;
        }, $this->entries('doses'));

        return $this->with('doses', $scaled);
    }

    /** @return list<string> ids of what is stirred in */
    public function colourants(): array
    {
        return array_values(array_filter(array_map(static fn (Entry $dose): ?string => $dose->text('colourant'), $this->entries('doses')), is_string(...)));
    }
}
