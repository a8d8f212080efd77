<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Outline\Outline;
use OpenGlaze\Core\Outline\OutlineException;
use OpenGlaze\Core\Outline\Side;
use OpenGlaze\Core\Quantity\Origin;
use OpenGlaze\Core\Quantity\Sourced;
use OpenGlaze\Core\Surface\Surface;
use stdClass;

/** Reads one piece. */
final class PieceReader
{
    private const NOT_YET = [
        'measure' => 'A piece measured by volume',
        'recess_mm' => 'A recess',
        'lip_mm' => 'A lip',
        'face_down' => 'A casting laid face down',
        'target_thickness_mm' => 'A target thickness',
    ];

    public function read(Node $node): Piece
    {
        foreach (self::NOT_YET as $field => $what) {
            $node->refuse($field, $what, $field === 'face_down' ? false : null);
        }
        $node->choice('kind', PieceKind::class, PieceKind::Other);
        $outline = (new OutlineReader)->read($node->object('outline'));
        $surface = $node->choice('surface', Surface::class) ?? Surface::Sealed;

        return new Piece(
            $node->text('id'),
            $node->textOr('name', $node->textOr('id', 'Piece')),
            $outline,
            $this->edgeDepth($node),
            $this->coatedEdges($node, $outline),
            $node->choice('edge_turn', EdgeTurn::class, EdgeTurn::Square) ?? EdgeTurn::Square,
            $surface,
            $node->numberOr('soak_ml_m2', $surface->soakMlPerM2(), 0, 10_000, 'ml/m²'),
            $node->boolOr('heat_tolerant', $surface->toleratesHeat()),
            $node->wholeOr('quantity', 1, 1, 10_000),
        );
    }

    /** The outline of a piece that was read before, without asking for the rest of it. */
    public function outline(stdClass $piece): Outline
    {
        return (new OutlineReader)->read((new Node($piece, '', new Faults, Origin::Entered))->object('outline'));
    }

    /** A depth of 0 means a piece without an edge to coat. */
    private function edgeDepth(Node $node): Sourced
    {
        $raw = $node->raw('edge_depth_mm');

        return $raw === 0 || $raw === 0.0
            ? Sourced::entered(0.0)
            : $node->numberOr('edge_depth_mm', 0, OutlineReader::LEAST_MM, OutlineReader::MOST_MM, 'mm');
    }

    private function coatedEdges(Node $node, Outline $outline): CoatedEdges
    {
        $raw = $node->raw('coated_edges') ?? 'none';
        $edges = match (true) {
            $raw === 'all' => CoatedEdges::all(),
            $raw === 'none' => CoatedEdges::none(),
            is_array($raw) => $this->sides($node, array_values($raw)),
            is_int($raw), is_float($raw) => CoatedEdges::lengthOf($node->number('coated_edges', 0, 1_000_000, 'mm')->value),
            default => null,
        };
        if ($edges === null) {
            $node->fault('coated_edges', 'Write all, none, a list of top, right, bottom, left, or a length in mm.');

            return CoatedEdges::none();
        }
        try {
            $edges->lengthMm($outline);
        } catch (OutlineException $exception) {
            $node->fault('coated_edges', $exception->getMessage());

            return CoatedEdges::none();
        }

        return $edges;
    }

    /** @param  list<mixed>  $raw */
    private function sides(Node $node, array $raw): ?CoatedEdges
    {
        $sides = [];
        foreach ($raw as $name) {
            $side = is_string($name) ? Side::tryFrom($name) : null;
            if ($side === null || in_array($side, $sides, true)) {
                return null;
            }
            $sides[] = $side;
        }

        return CoatedEdges::sides($sides);
    }
}
