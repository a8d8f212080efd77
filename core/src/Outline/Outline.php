<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Outline;

/** The shape of a piece's face seen from above. Lengths in mm, areas in mm². */
interface Outline
{
    public function areaMm2(): float;

    /** Length of the outer edge. */
    public function perimeterMm(): float;

    /** Length of all hole edges together. */
    public function holePerimeterMm(): float;

    /** Radius of the round piece with the same ratio of area to edge: 2·area / (perimeter + hole perimeter). */
    public function effectiveRadiusMm(): float;

    /** The least curvature of the outer edge, 1/mm: what keeps a dome round. 0 where some of it is straight, or may be. */
    public function leastCurvature(): float;

    public function boxWidthMm(): float;

    public function boxHeightMm(): float;

    /** @throws OutlineException when the outline has no such side */
    public function sideMm(Side $side): float;

    /** The outer edge, in coordinates whose 0, 0 is the top left of the box. */
    public function edge(): Loop;

    /** @return list<Loop> in the same coordinates */
    public function holes(): array;
}
