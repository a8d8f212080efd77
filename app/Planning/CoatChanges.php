<?php

declare(strict_types=1);

namespace App\Planning;

use App\Typed\FieldException;
use stdClass;

/** What somebody changes of a coat: its resin, fields of the coat, fields of the room. */
final readonly class CoatChanges
{
    public function __construct(
        public ?int $resinId,
        public stdClass $coat,
        public stdClass $studio,
    ) {
    }

    /**
     * Reads what the page sends: {"resin_id": …, "coat": {…}, "studio": {…}}, all of them optional.
     *
     * @throws FieldException with a sentence for each field that cannot be read
     */
    public static function typed(stdClass $body, TypedFields $fields): self
    {
        $part = static fn (string $name): stdClass => ($body->{$name} ?? null) instanceof stdClass ? $body->{$name} : new stdClass;
        $sentences = [];
        $read = [];
        foreach (['coat', 'studio'] as $name) {
            try {
                $read[$name] = $fields->read($part($name), $name.'.');
            } catch (FieldException $exception) {
                $sentences += $exception->sentences;
            }
        }
        if ($sentences !== []) {
            throw FieldException::at($sentences);
        }
        $resin = $body->resin_id ?? null;

        return new self(is_int($resin) ? $resin : null, $read['coat'] ?? new stdClass, $read['studio'] ?? new stdClass);
    }
}
