<?php

declare(strict_types=1);

namespace App\Editing;

use DomainException;
use Illuminate\Support\Facades\Lang;
use OpenGlaze\Core\Message\Listed;
use OpenGlaze\Core\Message\Message;

/** What is to be changed was changed elsewhere since it was read: refused, with what changed, where and when. */
final class Stale extends DomainException
{
    /** @param  list<string>  $paths  of the fields that changed and are written here too */
    private function __construct(
        public readonly string $kind,
        public readonly int $version,
        public readonly array $paths,
        private readonly mixed $from,
        private readonly mixed $to,
        private readonly string $at,
        private readonly string $device,
    ) {
        parent::__construct("stale $kind");
    }

    /** @param  non-empty-list<Change>  $changes  the last of them is said in full */
    public static function since(string $kind, int $version, array $changes, ?string $ownDevice): self
    {
        $last = $changes[count($changes) - 1];
        $device = $last->device === null || $last->device === $ownDevice ? 'here' : $last->deviceName();

        return new self($kind, $version, array_values(array_unique(array_map(static fn (Change $change): string => $change->path, $changes))), $last->from, $last->to, $last->atMs->format('H:i'), $device);
    }

    public function said(): Message
    {
        return Message::of(
            count($this->paths) === 1 && self::isShort($this->from) && self::isShort($this->to) ? 'editing.stale_value' : 'editing.stale',
            fields: Listed::commas(array_map(self::field(...), $this->paths)),
            from: self::value($this->from),
            to: self::value($this->to),
            at: $this->at,
            where: $this->device === 'here' ? Message::of('editing.another_tab') : Message::of('editing.device', device: $this->device),
        );
    }

    /** A field as people call it; where nobody wrote that down, as the file calls it. */
    private static function field(string $path): Message|string
    {
        $last = basename(str_replace('.', '/', $path));

        return Lang::has("editing.fields.$last") ? Message::of("editing.fields.$last") : str_replace('_', ' ', $last);
    }

    private static function isShort(mixed $value): bool
    {
        return $value === null || is_int($value) || is_float($value) || is_bool($value) || (is_string($value) && mb_strlen($value) < 40);
    }

    private static function value(mixed $value): Message|string
    {
        return match (true) {
            $value === null || $value === '' => Message::of('editing.nothing'),
            is_bool($value) => $value ? '1' : '0',
            is_scalar($value) => (string) $value,
            default => '…',
        };
    }
}
