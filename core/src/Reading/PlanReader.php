<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Reading;

use OpenGlaze\Core\Colour\Colourant;
use OpenGlaze\Core\Colour\Recipe;
use OpenGlaze\Core\Document\PlanDocument;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Plan\Batch;
use OpenGlaze\Core\Plan\Coat;
use OpenGlaze\Core\Plan\Faults;
use OpenGlaze\Core\Plan\Piece;
use OpenGlaze\Core\Plan\Plan;
use OpenGlaze\Core\Plan\PlanException;
use OpenGlaze\Core\Plan\ResinSheet;
use OpenGlaze\Core\Plan\VesselSheet;
use OpenGlaze\Core\Quantity\Origin;
use stdClass;

/**
 * Turns the decoded JSON of a plan file into a plan, or refuses it with every fault named.
 *
 * What is not computed yet is refused at its pointer; unknown fields are ignored.
 */
final class PlanReader
{
    public const MOST_ENTRIES = 10_000;

    /**
     * @param  stdClass|PlanDocument  $document  decoded JSON
     *
     * @throws PlanException when anything is wrong
     */
    public function read(stdClass|PlanDocument $document): Plan
    {
        $document = $document instanceof PlanDocument ? $document->raw() : $document;
        $faults = new Faults;
        $this->refuseBeyondDoubles($document, '', $faults);
        $root = new Node($document, '', $faults, Origin::Entered);
        $this->readHead($root);

        $studio = (new StudioReader)->read($root->object('studio'));
        $resins = $this->byId($root->objects('resins', self::MOST_ENTRIES), (new ResinReader)->read(...));
        $pieces = $this->byId($root->objects('pieces', self::MOST_ENTRIES), (new PieceReader)->read(...));
        $coats = $this->byId($root->objects('coats', self::MOST_ENTRIES), (new CoatReader($pieces, $resins, $studio))->read(...));
        $vessels = $this->byId($root->objects('vessels', self::MOST_ENTRIES), BatchReader::vessel(...));
        $colourants = $this->byId($root->objects('colourants', self::MOST_ENTRIES), static fn (Node $node): Colourant => ColourReader::colourant($node, $studio));
        $recipes = $this->byId($root->objects('recipes', self::MOST_ENTRIES), (new ColourReader($colourants))->recipe(...));
        $batchReader = new BatchReader($coats, $pieces, $vessels, new ColourReader($colourants, $recipes));
        $batches = $this->byId($nodes = $root->objects('batches', self::MOST_ENTRIES), $batchReader->read(...));
        $batchReader->refuseTwice($nodes);
        $faults->throwIfAny();

        return new Plan($studio, $resins, $pieces, array_values($coats), array_values($batches), $vessels, $colourants, $recipes);
    }

    private function readHead(Node $root): void
    {
        if ($root->text('format') !== PlanDocument::FORMAT && $root->has('format')) {
            $root->fault('format', Message::of('plan.no_plan_file', format: PlanDocument::FORMAT));
        }
        if (! $root->has('version')) {
            $root->fault('version', Message::of('plan.missing'));
        } elseif ($root->raw('version') !== PlanDocument::VERSION) {
            $root->fault('version', Message::of('plan.only_version', version: PlanDocument::VERSION));
        }
    }

    /**
     * @template T of ResinSheet|Piece|Coat|VesselSheet|Colourant|Recipe|Batch
     *
     * @param  list<Node>  $nodes
     * @param  callable(Node): (T|null)  $read
     * @return array<string, T>
     */
    private function byId(array $nodes, callable $read): array
    {
        $found = [];
        $seen = [];
        foreach ($nodes as $node) {
            $id = $node->text('id');
            if ($id !== '' && isset($seen[$id])) {
                $node->fault('id', Message::of('plan.id_taken', id: $id));
            }
            $seen[$id] = true;
            $entry = $read($node);
            if ($entry !== null) {
                $found[$id] = $entry;
            }
        }

        return $found;
    }

    private function refuseBeyondDoubles(mixed $value, string $pointer, Faults $faults): void
    {
        if (is_float($value) && ! is_finite($value)) {
            $faults->add($pointer, Message::of('plan.too_large'));
        }
        if ($value instanceof stdClass || is_array($value)) {
            foreach ((array) $value as $key => $entry) {
                if (! is_scalar($entry) || is_float($entry)) {
                    $this->refuseBeyondDoubles($entry, $pointer.'/'.strtr((string) $key, ['~' => '~0', '/' => '~1']), $faults);
                }
            }
        }
    }
}
