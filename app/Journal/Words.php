<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\JournalEvent;
use Illuminate\Support\Facades\DB;

/** What somebody wrote in their own words: the one thing in the journal that can be erased. That something was said stays. */
final readonly class Words
{
    /** The facts that hold words. */
    public const FACTS = ['note', 'reason', 'text'];

    /** @param  iterable<SubjectRules>  $rules */
    public function __construct(
        private Journal $journal,
        private iterable $rules,
    ) {
    }

    /**
     * Erases all that was written of one thing.
     *
     * @return int in how many events
     */
    public function erase(string $subject): int
    {
        return DB::transaction(function () use ($subject): int {
            $erased = 0;
            $events = JournalEvent::query()->where('subject', $subject)->get();
            foreach ($events as $event) {
                $facts = $event->facts;
                $held = array_filter(self::FACTS, static fn (string $fact): bool => ($facts->value($fact) ?? '') !== '');
                foreach ($held as $fact) {
                    // a reason was given: that it was is not erased
                    $facts = $facts->with($fact, $fact === 'reason' ? '–' : '')->with('erased', true);
                }
                if ($held !== []) {
                    $event->update(['facts' => $facts]);
                    $erased++;
                }
            }
            foreach ($this->rules as $rules) {
                if ($rules->of() === $events->first()?->subject_kind) {
                    $rules->fold($subject, $this->journal->of($subject));
                }
            }

            return $erased;
        });
    }
}
