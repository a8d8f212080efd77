<?php

declare(strict_types=1);

namespace App\Http;

use App\Journal\Pressed;
use App\Journal\Refused;
use App\Journal\ThisStudio;
use App\Models\Device;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Journal\EventKind;
use OpenGlaze\Core\Journal\Press;
use OpenGlaze\Core\Journal\Refusal;
use Ramsey\Uuid\Uuid;

/** Reads what devices send of their presses: its name, its subject, its times, and the facts as they are. */
final readonly class Presses
{
    private const FARTHEST_MS = 9_000_000_000_000;

    public function __construct(private ThisStudio $studio)
    {
    }

    /** @throws Refused when it cannot be read, or is nothing that a device writes down */
    public function pressed(Entry $sent, string $device, CarbonImmutable $heard): Pressed
    {
        $kind = EventKind::tryFrom($sent->text('kind') ?? '');
        if ($kind === null || ! $kind->isPressed()) {
            throw Refused::because(Refusal::Unreadable);
        }
        // a photo is sent with its file, and what follows from a press is not pressed: neither is taken on trust
        $facts = $sent->at('facts')->without('photo', 'by');

        return new Pressed(self::uuid($sent, 'id'), self::uuid($sent, 'subject'), $kind, self::press($sent, $device, $heard), $facts);
    }

    /** The press that came with a form; where a page sent none, the studio's own. @throws Refused */
    public function ofForm(Entry $body, CarbonImmutable $heard, EventKind $kind, ?string $subject = null): Pressed
    {
        $sent = $body->at('press');
        if ($sent->value('id') === null) {
            return $this->byStudio($kind, $subject ?? (string) Str::uuid(), $heard);
        }
        $this->refuseOthers($sent->text('studio'));

        return new Pressed(self::uuid($sent, 'id'), $subject ?? self::uuid($sent, 'subject'), $kind, self::press($sent, self::uuid($sent, 'device'), $heard), Entry::of());
    }

    /** Something that happens now, on no device in particular. */
    public function byStudio(EventKind $kind, string $subject, CarbonImmutable $now, ?Entry $facts = null): Pressed
    {
        $ms = (int) $now->valueOf();

        return new Pressed((string) Str::uuid(), $subject, $kind, new Press(Uuid::uuid5($this->studio->id(), 'studio')->toString(), $ms, $ms, 0, $ms), $facts ?? Entry::of());
    }

    /** @throws Refused when it was meant for another studio on this address */
    public function refuseOthers(?string $studio): void
    {
        if ($studio !== $this->studio->id()) {
            throw Refused::because(Refusal::NotOfThisStudio);
        }
    }

    /** The device that sends, heard of now. @throws Refused when it has no name of its own */
    public static function device(Entry $sent, CarbonImmutable $heard): string
    {
        $id = self::uuid($sent, 'id');
        Device::heard($id, mb_substr($sent->text('name') ?? '', 0, 60), $heard);

        return $id;
    }

    private static function press(Entry $sent, string $device, CarbonImmutable $heard): Press
    {
        return new Press($device, max(0, self::whole($sent, 'sequence')), self::whole($sent, 'pressed_ms'), self::whole($sent, 'offset_ms'), (int) $heard->valueOf());
    }

    private static function whole(Entry $sent, string $field): int
    {
        $value = $sent->number($field);
        if ($value === null || abs($value) > self::FARTHEST_MS) {
            throw Refused::because(Refusal::Unreadable);
        }

        return (int) $value;
    }

    private static function uuid(Entry $sent, string $field): string
    {
        $id = $sent->text($field);

        return $id !== null && Str::isUuid($id) ? strtolower($id) : throw Refused::because(Refusal::Unreadable);
    }
}
