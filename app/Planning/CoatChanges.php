<?php

declare(strict_types=1);

namespace App\Planning;

use App\Typed\FieldException;
use App\Typed\TypedFields;
use OpenGlaze\Core\Document\Entry;

/** What somebody changes of a coat: its resin, fields of the coat, of the room, and the edge of its piece. */
final readonly class CoatChanges
{
    public function __construct(
        public ?int $resinId,
        public Entry $coat,
        public Entry $studio,
        public Entry $piece,
    ) {
    }

    /**
     * Reads what the page sends: {"resin_id": …, "coat": {…}, "studio": {…}, "piece": {…}}, all of them optional.
     *
     * @throws FieldException with a sentence for each field that cannot be read
     */
    public static function typed(Entry $body, TypedFields $fields): self
    {
        $said = [];
        $read = ['coat' => Entry::of(), 'studio' => Entry::of(), 'piece' => Entry::of()];
        foreach (array_keys($read) as $name) {
            try {
                $read[$name] = $fields->read($body->at($name), $name.'.');
            } catch (FieldException $exception) {
                $said += $exception->said;
            }
        }
        if ($said !== []) {
            throw FieldException::at($said);
        }
        $resin = $body->value('resin_id');

        // of the piece only its edge is changed from here
        $piece = Entry::from(array_intersect_key($read['piece']->fields(), ['edge_radius_mm' => true]));

        return new self(is_int($resin) ? $resin : null, $read['coat'], $read['studio'], $piece);
    }
}
