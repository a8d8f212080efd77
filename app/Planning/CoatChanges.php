<?php

declare(strict_types=1);

namespace App\Planning;

use App\Typed\FieldException;
use stdClass;

/** What somebody changes of a coat: its resin, fields of the coat, of the room, and the edge of its piece. */
final readonly class CoatChanges
{
    public function __construct(
        public ?int $resinId,
        public stdClass $coat,
        public stdClass $studio,
        public stdClass $piece = new stdClass,
    ) {
    }

    /**
     * Reads what the page sends: {"resin_id": …, "coat": {…}, "studio": {…}, "piece": {…}}, all of them optional.
     *
     * @throws FieldException with a sentence for each field that cannot be read
     */
    public static function typed(stdClass $body, TypedFields $fields): self
    {
        $part = static fn (string $name): stdClass => ($body->{$name} ?? null) instanceof stdClass ? $body->{$name} : new stdClass;
        $said = [];
        $read = [];
        foreach (['coat', 'studio', 'piece'] as $name) {
            try {
                $read[$name] = $fields->read($part($name), $name.'.');
            } catch (FieldException $exception) {
                $said += $exception->said;
            }
        }
        if ($said !== []) {
            throw FieldException::at($said);
        }
        $resin = $body->resin_id ?? null;

        $piece = new stdClass;
        if (isset($read['piece']) && property_exists($read['piece'], 'edge_radius_mm')) {
            // of the piece only its edge is changed from here
            $piece->edge_radius_mm = $read['piece']->edge_radius_mm;
        }

        return new self(is_int($resin) ? $resin : null, $read['coat'] ?? new stdClass, $read['studio'] ?? new stdClass, $piece);
    }
}
