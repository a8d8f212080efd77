<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Clock\StudioClock;
use App\Http\Arrival;
use App\Http\Presses;
use App\Http\SentJson;
use App\Journal\Bench;
use App\Journal\Refused;
use App\Mixing\CupReader;
use App\Mixing\MixingState;
use App\Models\Mixing;
use App\Models\Pour;
use App\Pouring\PourState;
use App\Pouring\VapoursInRoom;
use App\Saying\Person;
use App\Typed\FieldException;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenGlaze\Core\Document\Entry;

/** Takes down what devices send of what happened, and answers what became of it. */
final readonly class JournalController
{
    private const MOST_AT_ONCE = 100;

    public function __construct(
        private Bench $bench,
        private Presses $presses,
        private CupReader $cups,
        private StudioClock $clock,
    ) {
    }

    /** Each press by itself: one that cannot be does not hold up the others. */
    public function append(Request $request): JsonResponse
    {
        $heard = Arrival::of($request);
        $person = Person::of($request);
        $body = SentJson::of($request);
        $this->presses->refuseOthers($body->text('studio'));
        $device = Presses::device($body->at('device'), $heard);
        $results = $subjects = [];
        foreach (array_slice($body->entries('events'), 0, self::MOST_AT_ONCE) as $sent) {
            $subject = $sent->text('subject') ?? '';
            $subjects[$subject] = true;
            $results[] = ['id' => $sent->text('id'), ...$this->take($sent, $device, $heard, $person)];
        }

        return response()->json([
            'now' => (int) ($now = $this->clock->now())->valueOf(),
            'results' => $results,
            'states' => (object) $this->states(array_map(strval(...), array_keys($subjects)), $person, $now),
        ]);
    }

    /** @return array{status: string, code?: string, sentence?: string, field?: string} */
    private function take(Entry $sent, string $device, CarbonImmutable $heard, Person $person): array
    {
        try {
            $this->bench->write($this->presses->pressed($sent, $device, $heard), $person);

            return ['status' => 'done'];
        } catch (Refused $refused) {
            return ['status' => 'refused', 'code' => $refused->why->value, 'sentence' => $person->say($refused->said()), 'field' => $refused->field];
        } catch (FieldException $exception) {
            return ['status' => 'refused', 'code' => 'cannot_be_computed', 'sentence' => implode(' ', $exception->sentences($person)), 'field' => 'form'];
        }
    }

    /**
     * @param  list<string>  $subjects
     * @return array<string, array<string, mixed>> as their pages show them
     */
    private function states(array $subjects, Person $person, CarbonImmutable $now): array
    {
        $states = [];
        $vapours = VapoursInRoom::at($now);
        foreach (Pour::query()->whereKey($subjects)->get() as $pour) {
            $states[$pour->id] = PourState::of($pour, $now, $vapours);
        }
        foreach (Mixing::query()->whereKey($subjects)->get() as $mixing) {
            $states[$mixing->id] = MixingState::of($mixing, $this->cups, $person, $now);
        }

        return $states;
    }
}
