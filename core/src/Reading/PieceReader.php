<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Reading;

use OpenGlaze\Core\Body\Body;
use OpenGlaze\Core\Body\Cylinder;
use OpenGlaze\Core\Body\CylinderSide;
use OpenGlaze\Core\Body\Ellipsoid;
use OpenGlaze\Core\Body\Hollow;
use OpenGlaze\Core\Body\SmallThing;
use OpenGlaze\Core\Document\PieceEntry;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Outline\Outline;
use OpenGlaze\Core\Outline\OutlineException;
use OpenGlaze\Core\Outline\Side;
use OpenGlaze\Core\Plan\CoatedEdges;
use OpenGlaze\Core\Plan\EdgeTurn;
use OpenGlaze\Core\Plan\Faults;
use OpenGlaze\Core\Plan\Piece;
use OpenGlaze\Core\Plan\PieceEdge;
use OpenGlaze\Core\Plan\PieceFace;
use OpenGlaze\Core\Plan\PieceKind;
use OpenGlaze\Core\Plan\PieceRim;
use OpenGlaze\Core\Quantity\Origin;
use OpenGlaze\Core\Quantity\Sourced;
use OpenGlaze\Core\Surface\Surface;

/** Reads one piece. */
final class PieceReader
{
    private const MEASURES = ['each_ml', 'water_g', 'ellipsoid_mm', 'cylinder'];

    public function read(Node $node): Piece
    {
        $outline = $node->has('outline') || ! $node->has('measure') ? (new OutlineReader)->read($node->object('outline')) : null;
        $surface = $node->choice('surface', Surface::class) ?? Surface::Sealed;
        $kind = $node->choice('kind', PieceKind::class, PieceKind::Other) ?? PieceKind::Other;
        $turn = $node->choice('edge_turn', EdgeTurn::class, EdgeTurn::Square) ?? EdgeTurn::Square;

        return new Piece(
            $node->text('id'),
            $node->textOr('name', $node->textOr('id', 'Piece')),
            $kind,
            $outline,
            $node->has('measure') ? $this->body($node->object('measure'), $outline !== null) : null,
            new PieceEdge(
                $this->edgeDepth($node),
                $this->coatedEdges($node, $outline),
                $turn,
                $node->numberOr('edge_radius_mm', $kind->edgeRadiusMm($turn), 0, PieceEdge::MOST_RADIUS_MM, 'mm'),
            ),
            new PieceFace(
                $surface,
                $node->numberOr('soak_ml_m2', $surface->soakMlPerM2(), 0, 10_000, 'ml/m²'),
                $node->boolOr('heat_tolerant', $surface->toleratesHeat()),
                $kind->base($surface),
                $node->optionalNumber('base_mm', OutlineReader::LEAST_MM, OutlineReader::MOST_MM, 'mm'),
            ),
            new PieceRim(
                $node->optionalNumber('recess_mm', 0.1, 500, 'mm'),
                $node->optionalNumber('lip_mm', 0.1, 500, 'mm'),
                $node->boolOr('face_down', false),
                $node->optionalNumber('target_thickness_mm', 0.01, 500, 'mm'),
                $node->has('release') ? $node->text('release') : null,
            ),
            $node->wholeOr('quantity', 1, 1, 10_000),
            $node->has('quantity') ? Origin::Entered : Origin::Assumed,
        );
    }

    /** With an outline a piece may be measured by water too: the outline tells its face, the water what it holds. */
    private function body(Node $measure, bool $hasOutline): ?Body
    {
        $given = array_values(array_filter(self::MEASURES, $measure->has(...)));
        if (count($given) !== 1) {
            $measure->faultHere(Message::of('plan.one_measure', allowed: implode(', ', self::MEASURES)));

            return null;
        }
        if ($hasOutline && $given[0] !== 'water_g') {
            $measure->fault($given[0], Message::of('plan.outline_or_measure'));
        }

        return match ($given[0]) {
            'each_ml' => new SmallThing($measure->number('each_ml', 0.01, 100_000, 'ml')->value, self::cm2($measure->optionalNumber('area_cm2', 0.01, 1_000_000, 'cm²'))),
            'water_g' => new Hollow($measure->number('water_g', 0.01, 1_000_000, 'g')->value, $measure->optionalNumber('deepest_mm', 0.1, 500, 'mm')?->value),
            'ellipsoid_mm' => $this->ellipsoid($measure),
            'cylinder' => $this->cylinder($measure->object('cylinder')),
        };
    }

    private static function cm2(?Sourced $cm2): ?float
    {
        return $cm2 === null ? null : 100 * $cm2->value;
    }

    private function ellipsoid(Node $measure): ?Body
    {
        $raw = $measure->raw('ellipsoid_mm');
        $sides = [];
        foreach (is_array($raw) ? array_values($raw) : [] as $mm) {
            if ((is_int($mm) || is_float($mm)) && $mm >= OutlineReader::LEAST_MM && $mm <= OutlineReader::MOST_MM) {
                $sides[] = (float) $mm;
            }
        }
        if (! is_array($raw) || count($raw) !== 3 || count($sides) !== 3) {
            $measure->fault('ellipsoid_mm', Message::of('plan.three_lengths'));

            return null;
        }

        return new Ellipsoid($sides[0], $sides[1], $sides[2]);
    }

    private function cylinder(Node $cylinder): Body
    {
        $length = static fn (string $field): float => $cylinder->number($field, OutlineReader::LEAST_MM, OutlineReader::MOST_MM, 'mm')->value;

        return new Cylinder($length('diameter_mm'), $length('height_mm'), $cylinder->choice('side', CylinderSide::class, CylinderSide::Inside) ?? CylinderSide::Inside);
    }

    /** A piece that was read before, and is known to be sound. */
    public function saved(PieceEntry $piece): Piece
    {
        return $this->read(new Node($piece->raw(), '', new Faults, Origin::Entered));
    }

    /** A depth of 0 means a piece without an edge to coat. */
    private function edgeDepth(Node $node): Sourced
    {
        $raw = $node->raw('edge_depth_mm');

        return $raw === 0 || $raw === 0.0
            ? Sourced::entered(0.0)
            : $node->numberOr('edge_depth_mm', 0, OutlineReader::LEAST_MM, OutlineReader::MOST_MM, 'mm');
    }

    private function coatedEdges(Node $node, ?Outline $outline): CoatedEdges
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
            $node->fault('coated_edges', Message::of('plan.coated_edges'));

            return CoatedEdges::none();
        }
        if ($outline === null) {
            return CoatedEdges::none();
        }
        try {
            $all = $outline->perimeterMm() + $outline->holePerimeterMm();
            if ($edges->lengthMm($outline) > $all * (1 + 1e-9)) {
                $node->fault('coated_edges', Message::of('plan.coated_length', most: Measure::number(floor($all), 0)));

                return CoatedEdges::none();
            }
        } catch (OutlineException $exception) {
            $node->fault('coated_edges', $exception->said);

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
