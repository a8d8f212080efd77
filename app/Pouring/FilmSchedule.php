<?php

declare(strict_types=1);

namespace App\Pouring;

use App\Mixing\CupReader;
use App\Models\Mixing;
use App\Planning\CoatAnswer;
use App\Planning\CoatDesk;
use App\Saying\Person;
use App\Typed\FieldException;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Document\KeptCoat;
use OpenGlaze\Core\Document\PlanDocument;
use OpenGlaze\Core\Journal\FilmRecord;
use OpenGlaze\Core\Run\ToppingUp;

/** The times of a film, computed when the last of it is on the piece, with the age that the mix has by then. */
final readonly class FilmSchedule
{
    public function __construct(
        private CoatDesk $coats,
        private CupReader $cups,
    ) {
    }

    /**
     * @param  int  $pouredMs  ms since 1970
     * @return Entry age_min, answer
     *
     * @throws FieldException when its plan cannot be computed
     */
    public function of(FilmRecord $film, int $pouredMs, Person $person): Entry
    {
        $plan = $film->plan();
        $inCupMin = max(0, $pouredMs - ($film->startedMs() ?? $pouredMs)) / 60_000;
        $ageMin = $this->ageInCupMin($film, $plan, $inCupMin);

        return Entry::from(['age_min' => $ageMin, 'answer' => CoatAnswer::kept($this->coats->computeLast(self::aged($plan, $ageMin)), $person)]);
    }

    /** The pour computed again from its own copy, for its arithmetic. @throws FieldException */
    public function again(PlanDocument $plan, ?float $ageMin): CoatResult
    {
        return $this->coats->computeLast($ageMin === null ? $plan : self::aged($plan, $ageMin));
    }

    /** Of all that was computed, what is counted down. */
    public static function countedDown(KeptCoat $answer): Entry
    {
        // of a film that was poured late
        $late = $answer->advice(['gelled', 'past_open_time']);

        return Entry::from([
            'open_min' => $answer->openMin(),
            'gels_min' => $answer->gelsMin(),
            'late' => $late === null ? null : ['level' => $late->text('level'), 'text' => $late->text('text')],
            'closes_min' => $answer->torchClosesMin(),
            'tool' => $answer->tool(),
            'vapours_until_h' => $answer->vapoursUntilH(),
            'phases' => $answer->phases(),
            'acts' => $answer->acts(),
            'effects' => $answer->effects(),
            'later' => $answer->later(),
            'warmings' => $answer->warmings(),
            'fill' => $answer->fill(),
        ]);
    }

    /** Of what is counted down, what the room moves: times, and acts that hold no measure. */
    public static function moved(KeptCoat $answer): Entry
    {
        return self::countedDown($answer)->without('late', 'tool', 'vapours_until_h', 'warmings');
    }

    /** How old the mix has become in its cup, by the cup's own heat where its batch is known. */
    private function ageInCupMin(FilmRecord $film, PlanDocument $plan, float $inCupMin): float
    {
        $cup = $film->began()?->cup;
        $mixing = $cup === null ? null : Mixing::query()->find($cup);
        $age = $mixing === null ? null : $this->cups->batch($mixing)->standing->run?->ageAt($inCupMin);

        return $age ?? $inCupMin * $this->coats->computeLast($plan)->film->flowing->rate;
    }

    /** The film as it lies once so much was added to it, by the plan that it was poured by; null where that cannot be worked out. */
    public function toppedUp(FilmRecord $film, float $atMin, float $ml): ?CoatResult
    {
        $plan = $film->plan();
        try {
            $poured = $this->again($plan, $film->laid()?->ageMin);
            $mm = ToppingUp::thicknessMm($poured, $atMin, $ml, $film->began()->count ?? $poured->case->piece->quantity);
            $last = 'coats.'.(count($plan->coats()) - 1);

            return $mm === null ? null : $this->coats->computeLast(self::aged($plan, $poured->case->clock->ageAt($atMin))->with("$last.size_by", Entry::from(['thickness_mm' => $mm]))->with("$last.runoff_pct", 0));
        } catch (FieldException) {
            return null;
        }
    }

    /** The plan whose last coat had such an age, in minutes at the reference temperature, when it was poured. */
    private static function aged(PlanDocument $plan, float $ageMin): PlanDocument
    {
        return $plan->with('coats.'.(count($plan->coats()) - 1).'.age_min', $ageMin);
    }
}
