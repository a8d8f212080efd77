<?php

declare(strict_types=1);

namespace App\Journal;

use App\Saying\Person;
use App\Typed\FieldException;
use Illuminate\Support\Facades\DB;
use OpenGlaze\Core\Journal\Event;
use OpenGlaze\Core\Journal\EventKind;
use OpenGlaze\Core\Journal\Refusal;
use OpenGlaze\Core\Journal\SubjectKind;

/**
 * The one way in for what happens at the bench: each press becomes an event, and the row of what it
 * happened to is folded anew, in one transaction. A press that is known is answered as done.
 */
final readonly class Bench
{
    /** @param  iterable<SubjectRules>  $rules */
    public function __construct(
        private Journal $journal,
        private iterable $rules,
    ) {
    }

    /**
     * @throws Refused when it cannot have happened; nothing is written then
     * @throws FieldException when what it needs cannot be computed
     */
    public function write(Pressed $pressed, Person $person): void
    {
        DB::transaction(function () use ($pressed, $person): void {
            $known = $this->journal->find($pressed->id);
            if ($known !== null) {
                // its name is its own: another press under it was never made by us
                if ($known->subject !== $pressed->subject || $known->kind !== $pressed->kind) {
                    throw Refused::because(Refusal::NotOfThis);
                }

                return;
            }
            $before = $this->journal->of($pressed->subject);
            $of = $pressed->kind->subject() ?? $this->kindOf($pressed->subject);
            $rules = $this->rulesOf($of);
            if ($pressed->kind === EventKind::Undone) {
                self::refuseUndoing($pressed, $before);
            }
            $event = $this->journal->append($of, $pressed->saying($rules->accept($pressed, $before, $person)));
            $after = [...$before, $event];
            $rules->fold($pressed->subject, $after);
            foreach ($rules->follows($pressed, $before, $after) as $following) {
                $this->write($following, $person);
            }
        });
    }

    /**
     * Folds all rows of the bench anew from what happened.
     *
     * @return int how many things there are
     */
    public function foldAll(): int
    {
        return DB::transaction(function (): int {
            $count = 0;
            foreach ($this->rules as $rules) {
                $rules->clear();
                foreach ($this->journal->subjects($rules->of()) as $subject) {
                    $rules->fold($subject, $this->journal->of($subject));
                    $count++;
                }
            }

            return $count;
        });
    }

    /** @param  list<Event>  $before */
    private static function refuseUndoing(Pressed $pressed, array $before): void
    {
        $of = $pressed->facts->text('of');
        foreach ($before as $event) {
            if ($event->id === $of) {
                if (! $event->kind->canBeUndone()) {
                    throw Refused::because(Refusal::CannotUndo);
                }

                return;
            }
        }
        throw Refused::because(Refusal::NotThere);
    }

    private function kindOf(string $subject): SubjectKind
    {
        foreach ($this->journal->of($subject) as $event) {
            $kind = $event->kind->subject();
            if ($kind !== null) {
                return $kind;
            }
        }
        throw Refused::because(Refusal::NotThere);
    }

    private function rulesOf(SubjectKind $of): SubjectRules
    {
        foreach ($this->rules as $rules) {
            if ($rules->of() === $of) {
                return $rules;
            }
        }
        throw Refused::because(Refusal::NotOfThis);
    }
}
