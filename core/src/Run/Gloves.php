<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Run;

/** What hands an act wants: a flame is never taken up with sticky gloves, and a wipe makes them sticky. */
enum Gloves: string
{
    case Sticky = 'sticky';
    case Clean = 'clean';
    case Either = 'either';

    /** What a change costs: the sticky pair off, min. Source: the studio's practice; an estimate. */
    public const CHANGE_MIN = 1.0;

    /** Whether these hands can do what wants those. */
    public function suit(self $wanted): bool
    {
        return $wanted === self::Either || $this === $wanted;
    }

    /** What they are after an act that wanted those. */
    public function after(self $wanted): self
    {
        return $wanted === self::Either ? $this : $wanted;
    }
}
