<?php

declare(strict_types=1);

namespace App\Journal;

use App\Saying\Person;
use App\Typed\FieldException;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Journal\Event;
use OpenGlaze\Core\Journal\SubjectKind;

/** What may happen to one kind of thing, what has to be worked out then, and the row that is folded from it. */
interface SubjectRules
{
    public function of(): SubjectKind;

    /**
     * What is written down of a press: what was said, checked, and what was computed for it then and there.
     *
     * @param  list<Event>  $before  what happened to it so far
     *
     * @throws Refused when it cannot have happened
     * @throws FieldException when what it needs cannot be computed
     */
    public function accept(Pressed $pressed, array $before, Person $person): Entry;

    /**
     * What follows for other things.
     *
     * @param  list<Event>  $before
     * @param  list<Event>  $after
     * @return list<Pressed>
     */
    public function follows(Pressed $pressed, array $before, array $after): array;

    /**
     * Folds its row anew.
     *
     * @param  list<Event>  $events
     */
    public function fold(string $subject, array $events): void;

    /** Throws away what was folded of all of its kind. */
    public function clear(): void;
}
