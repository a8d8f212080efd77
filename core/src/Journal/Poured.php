<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Document\KeptCoat;

/** The last of it is on the piece: its times, as they were computed then. */
final readonly class Poured implements FilmFact
{
    private function __construct(
        private Entry $facts,
        /** of the mix, min at the reference temperature */
        public ?float $ageMin,
        public KeptCoat $answer,
    ) {
    }

    public static function fromFacts(Entry $facts): self
    {
        return new self(
            $facts,
            $facts->number('age_min'),
            $facts->at('answer', KeptCoat::class),
        );
    }

    /** As they were written: plans and answers keep what this version does not know. */
    public function toFacts(): Entry
    {
        return $this->facts;
    }
}
