<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Wording;

use OpenGlaze\Core\Message\Listed;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Message\Speaker;
use OpenGlaze\Core\Quantity\UnitSystem;

/** Puts messages into a language and a person's units: the one place where sentences are made. */
final readonly class Sayer implements Speaker
{
    private Wording $wording;

    public function __construct(private Catalogue $catalogue, UnitSystem $units)
    {
        $this->wording = new Wording($catalogue, $units);
    }

    public function say(Message $message): string
    {
        $fill = [];
        foreach ($message->values as $name => $value) {
            $said = $this->part($value);
            $fill[':'.$name] = $said;
            $fill[':'.ucfirst($name)] = mb_strtoupper(mb_substr($said, 0, 1)).mb_substr($said, 1);
        }

        return strtr($this->catalogue->line($message->key), $fill);
    }

    private function part(Message|Measure|Listed|string|int|null $value): string
    {
        return match (true) {
            $value instanceof Message => $this->say($value),
            $value instanceof Measure => $this->wording->say($value),
            $value instanceof Listed => $this->joined($value),
            default => (string) $value,
        };
    }

    private function joined(Listed $listed): string
    {
        $parts = array_map($this->part(...), $listed->parts);
        $last = count($parts) > 1 ? $this->catalogue->line("lists.$listed->style.last").array_pop($parts) : '';

        return implode($this->catalogue->line("lists.$listed->style.between"), $parts).$last;
    }
}
