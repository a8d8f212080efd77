<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Quantity\Origin;
use OpenGlaze\Core\Quantity\Sourced;

/** One coat of one piece, as the plan asks for it. */
final readonly class Coat
{
    /**
     * @param  list<Inclusion>  $inclusions
     * @param  list<Part>  $parts  in the order in which they are laid
     * @param  list<Step>  $steps  what was ticked, skipped or added by the person
     */
    public function __construct(
        public string $id,
        public string $pieceId,
        public string $resinId,
        public CoatKind $kind,
        public Containment $containment,
        public Size $size,
        public Sourced $texture,
        public Sourced $coveragePct,
        public ?Zone $zone,
        public Sourced $edgeFilmMm,
        public Sourced $runoffPct,
        public int $cups,
        public Origin $cupsFrom,
        public ?Sourced $residueMlPerCup,
        public Sourced $ageMin,
        public Sourced $markMm,
        public ?Sourced $reliefMm,
        public Sourced $displacedMl,
        public array $inclusions,
        public Laying $laying,
        public array $parts,
        public ?Dam $dam,
        public bool $taped,
        public OverHard $overHard,
        public bool $afterOil,
        public bool $turnFirst,
        public ?string $dryMedia,
        public array $steps,
    ) {
    }

    public function isOpen(): bool
    {
        return $this->containment === Containment::Open;
    }

    public function isHeld(): bool
    {
        return $this->containment === Containment::Held;
    }

    public function isDammed(): bool
    {
        return $this->containment === Containment::Dammed;
    }

    /** Whether its film is to level: what is brushed out need not, what keeps its shape must not. */
    public function mustLevel(): bool
    {
        return $this->kind->mustLevel() && ! $this->keepsItsShape();
    }

    /** Drops, lines and what is placed thick are to keep their shape. */
    public function keepsItsShape(): bool
    {
        return $this->containment === Containment::Placed || $this->laying->keepsItsShape();
    }
}
