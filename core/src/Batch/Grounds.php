<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Batch;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Colour\Spectrum;

/** What colour lies under each coat: its surface, or the colours that were poured below it. */
final class Grounds
{
    /** As thick as to be seen by itself, mm. */
    public const THICK_MM = 3.0;

    /** @var array<string, Spectrum> how a coat looks from above, by its id */
    private array $seen = [];

    /** @param  array<string, string>  $below  the coat that a coat lies on, by its id */
    private function __construct(private readonly array $below)
    {
    }

    /** @param  list<CoatResult>  $coats  all of a plan */
    public static function of(array $coats): self
    {
        $below = [];
        foreach ($coats as $coat) {
            if ($coat->case->ground->below !== null) {
                $below[$coat->case->coat->id] = $coat->case->ground->below->id;
            }
        }

        return new self($below);
    }

    public static function white(): Spectrum
    {
        return Spectrum::ofColour('#f4f4f2');
    }

    /** What shows through a coat. */
    public function under(CoatResult $coat): Spectrum
    {
        $id = $coat->case->coat->id;
        for ($steps = 0; isset($this->below[$id]) && $steps <= count($this->below); $steps++) {
            $id = $this->below[$id];
            if (isset($this->seen[$id])) {
                return $this->seen[$id];
            }
        }

        return Spectrum::ofColour($coat->case->face->surface->colour());
    }

    /** Most of a coat looks so now. */
    public function lay(CoatResult $coat, Spectrum $seen): void
    {
        $this->seen[$coat->case->coat->id] = $seen;
    }
}
