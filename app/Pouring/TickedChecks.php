<?php

declare(strict_types=1);

namespace App\Pouring;

use App\Journal\Moment;
use App\Journal\ThisStudio;
use App\Models\PreparedEvening;
use App\Saying\Person;
use Carbon\CarbonImmutable;
use OpenGlaze\Core\Before\Check;
use OpenGlaze\Core\Document\Entry;
use Ramsey\Uuid\Uuid;

/** What was ticked of the checks before and after one evening. */
final readonly class TickedChecks
{
    /** What was ticked longer ago was ticked for another evening. */
    private const HOLDS_H = 6;

    /** @param  string  $evening  what ticks are written down of */
    private function __construct(
        public string $evening,
        private Entry $checked,
    ) {
    }

    public static function at(CarbonImmutable $now, ThisStudio $studio): self
    {
        $prepared = PreparedEvening::query()->where('last_at', '>=', self::since($now))->orderByDesc('last_at')->first();

        // the same on every device for as long as nobody has ticked anything
        return new self($prepared->id ?? Uuid::uuid5($studio->id(), 'evening '.$now->format('Y-m-d H'))->toString(), $prepared->checked ?? Entry::of());
    }

    /** The earliest moment that belongs to the evening of now, as rows are compared. */
    public static function since(CarbonImmutable $now): string
    {
        return Moment::of((int) $now->subHours(self::HOLDS_H)->valueOf())->format('Y-m-d H:i:s.v');
    }

    public function has(string $check): bool
    {
        return $this->checked->has($check);
    }

    /** Whether something is ticked whose name begins so. */
    public function hasAny(string $beginning): bool
    {
        return array_filter(array_keys($this->checked->fields()), static fn (string $check): bool => str_starts_with($check, $beginning)) !== [];
    }

    /**
     * @param  list<Check>  $checks
     * @return list<array{id: string, title: string, how: string, off: bool, event: string|null}>
     */
    public function said(array $checks, Person $say): array
    {
        return array_map(fn (Check $check): array => [
            'id' => $check->id, 'title' => $say->say($check->title), 'how' => $say->say($check->how), 'off' => $check->isOff, 'event' => $this->checked->text($check->id),
        ], $checks);
    }
}
