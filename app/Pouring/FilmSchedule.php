<?php

declare(strict_types=1);

namespace App\Pouring;

use App\Mixing\CupReader;
use App\Models\Mixing;
use App\PlanFile\Dig;
use App\PlanFile\Json;
use App\Planning\CoatAnswer;
use App\Planning\CoatDesk;
use App\Saying\Person;
use App\Typed\FieldException;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Journal\FilmRecord;
use stdClass;

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
     * @return stdClass age_min, answer
     *
     * @throws FieldException when its plan cannot be computed
     */
    public function of(FilmRecord $film, int $pouredMs, Person $person): stdClass
    {
        $plan = $film->begun?->facts->object('plan') ?? new stdClass;
        $inCupMin = max(0, $pouredMs - ($film->startedMs() ?? $pouredMs)) / 60_000;
        $ageMin = $this->ageInCupMin($film, $plan, $inCupMin);

        return (object) ['age_min' => $ageMin, 'answer' => CoatAnswer::object($this->coats->computeLast(self::aged($plan, $ageMin)), $person)];
    }

    /** The pour computed again from its own copy, for its arithmetic. @throws FieldException */
    public function again(stdClass $plan, ?float $ageMin): CoatResult
    {
        return $this->coats->computeLast($ageMin === null ? $plan : self::aged($plan, $ageMin));
    }

    /** Of all that was computed, what is counted down. */
    public static function countedDown(stdClass $answer): stdClass
    {
        return (object) [
            'open_min' => Dig::float($answer, 'coat.film.open_min') ?? 0.0,
            'gels_min' => Dig::float($answer, 'coat.film.gels_min'),
            'late' => self::late($answer),
            'closes_min' => Dig::float($answer, 'coat.torch.closes_min'),
            'tool' => Dig::text($answer, 'coat.torch.tool') ?? 'none',
            'phases' => Dig::objects($answer, 'phases'),
            'acts' => Dig::objects($answer, 'acts'),
        ];
    }

    /** What is said of a film that was poured late; null where it was not. */
    private static function late(stdClass $answer): ?stdClass
    {
        foreach (Dig::objects($answer, 'advice') as $one) {
            if (in_array(Dig::text($one, 'code'), ['gelled', 'past_open_time'], true)) {
                return (object) ['level' => Dig::text($one, 'level'), 'text' => Dig::text($one, 'text')];
            }
        }

        return null;
    }

    /** How old the mix has become in its cup, by the cup's own heat where its batch is known. */
    private function ageInCupMin(FilmRecord $film, stdClass $plan, float $inCupMin): float
    {
        $cup = $film->begun?->facts->text('cup');
        $mixing = $cup === null ? null : Mixing::query()->find($cup);
        $age = $mixing === null ? null : $this->cups->batch($mixing)->run?->ageAt($inCupMin);

        return $age ?? $inCupMin * $this->coats->computeLast($plan)->film->rate;
    }

    /** The plan whose last coat had such an age, in minutes at the reference temperature, when it was poured. */
    private static function aged(stdClass $plan, float $ageMin): stdClass
    {
        $document = Json::copy($plan);
        $coats = Dig::objects($document, 'coats');
        $coats[count($coats) - 1]->age_min = $ageMin;
        $document->coats = $coats;

        return $document;
    }
}
