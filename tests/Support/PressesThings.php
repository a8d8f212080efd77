<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Journal\ThisStudio;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** What a device sends when something is pressed in it. */
trait PressesThings
{
    protected const PHONE = '00000000-0000-4000-8000-0000000000a1';

    private int $presses = 0;

    /**
     * @param  array<string, mixed>  $facts
     * @param  array<string, mixed>  $but  other than usual: id, pressed_ms, offset_ms, sequence
     * @return array<string, mixed>
     */
    protected function pressed(string $subject, string $kind, array $facts = [], array $but = []): array
    {
        return [
            'id' => (string) Str::uuid(), 'subject' => $subject, 'kind' => $kind, 'sequence' => ++$this->presses,
            'pressed_ms' => (int) now()->valueOf(), 'offset_ms' => 0, 'version' => 1, 'facts' => (object) $facts, ...$but,
        ];
    }

    /** @param  list<array<string, mixed>>  $events */
    protected function sendEvents(array $events, string $device = self::PHONE, ?string $studio = null): TestResponse
    {
        return $this->postJson('/events', [
            'studio' => $studio ?? app(ThisStudio::class)->id(),
            'device' => ['id' => $device, 'name' => 'a phone'],
            'events' => $events,
        ]);
    }

    /**
     * Presses one thing, and hears the state of what it happened to.
     *
     * @param  array<string, mixed>  $facts
     * @param  array<string, mixed>  $but
     * @return array<string, mixed>
     */
    protected function press(string $subject, string $kind, array $facts = [], array $but = []): array
    {
        $answer = $this->sendEvents([$this->pressed($subject, $kind, $facts, $but)])->assertOk();
        self::assertSame('done', $answer->json('results.0.status'), (string) $answer->json('results.0.sentence'));

        return $answer->json('states')[$subject] ?? [];
    }

    /**
     * Presses what cannot be.
     *
     * @param  array<string, mixed>  $facts
     * @return string the code that it is refused with
     */
    protected function refused(string $subject, string $kind, array $facts = []): string
    {
        $answer = $this->sendEvents([$this->pressed($subject, $kind, $facts)])->assertOk();
        self::assertSame('refused', $answer->json('results.0.status'));
        self::assertNotSame('', $answer->json('results.0.sentence'));

        return (string) $answer->json('results.0.code');
    }
}
