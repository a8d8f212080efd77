<?php

declare(strict_types=1);

namespace App\Rehearsing;

use App\Journal\Bench;
use App\Journal\Pressed;
use App\Journal\ThisStudio;
use App\Mixing\CupReader;
use App\Mixing\MixingDesk;
use App\Models\Mixing;
use App\Models\Plan;
use App\Pouring\BatchPours;
use App\Saying\Person;
use App\Typed\FieldException;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Journal\EventKind;
use OpenGlaze\Core\Journal\Press;
use Ramsey\Uuid\Uuid;

/** A cup that somebody else has weighed to its marks and stirred, for who rehearses from the pouring on. */
final readonly class ReadyCup
{
    /** So long before it was mixed it was begun, and each step after the other. */
    private const BEGUN_BEFORE_MS = 360_000;

    private const STEP_MS = 10_000;

    public function __construct(
        private MixingDesk $mixings,
        private BatchPours $pours,
        private CupReader $cups,
        private Bench $bench,
        private ThisStudio $studio,
    ) {
    }

    /** @throws FieldException when there is a stop in the way */
    public function mix(Plan $plan, string $batch, CarbonImmutable $mixedAt, Person $person): void
    {
        $ms = (int) $mixedAt->valueOf();
        $at = $ms - self::BEGUN_BEFORE_MS;
        $cup = $this->mixings->begin($plan, $batch, $this->pressed(EventKind::MixingBegun, (string) Str::uuid(), $at, $ms), $person);
        while (($next = $this->cups->weighing($this->cups->batch($cup), $cup->weighed)->next()) !== null && $next->kind->isPart()) {
            $at += self::STEP_MS;
            $cup = $this->press(EventKind::Weighed, $cup, $at, $ms, $person, Entry::from(['step' => $next->id, 'grams' => $next->targetG]));
        }
        $cup = $this->press(EventKind::StirringBegun, $cup, $at + self::STEP_MS, $ms, $person);
        $cup = $this->press(EventKind::Mixed, $cup, $ms, $ms, $person);
        // what is stirred in stands weighed too
        while (($next = $this->cups->weighing($this->cups->batch($cup), $cup->weighed)->next()) !== null) {
            $cup = $this->press(EventKind::Weighed, $cup, $ms, $ms, $person, Entry::from(['step' => $next->id, 'grams' => $next->targetG]));
        }
        $this->pours->start($cup, Entry::of(), null, $this->pressed(EventKind::PourBegun, (string) Str::uuid(), $ms, $ms), $person);
    }

    private function press(EventKind $kind, Mixing $cup, int $atMs, int $heardMs, Person $person, ?Entry $facts = null): Mixing
    {
        $this->bench->write($this->pressed($kind, $cup->id, $atMs, $heardMs)->saying($facts ?? Entry::of()), $person);

        return $cup->refresh();
    }

    private function pressed(EventKind $kind, string $subject, int $atMs, int $heardMs): Pressed
    {
        return new Pressed((string) Str::uuid(), $subject, $kind, new Press(Uuid::uuid5($this->studio->id(), 'helper')->toString(), $atMs, $atMs, 0, $heardMs), Entry::of());
    }
}
