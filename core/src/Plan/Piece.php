<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Body\Body;
use OpenGlaze\Core\Outline\Outline;
use OpenGlaze\Core\Quantity\Origin;

/** Something to be coated, and how many alike: by its outline, or by another measure. */
final readonly class Piece
{
    /** @param  Body|null  $body  what it is measured by when it has no outline */
    public function __construct(
        public string $id,
        public string $name,
        public PieceKind $kind,
        public ?Outline $outline,
        public ?Body $body,
        public PieceEdge $edge,
        public PieceFace $face,
        public PieceRim $rim,
        public int $quantity,
        public Origin $quantityFrom,
    ) {
    }

    /** Null for what is counted or measured by water. */
    public function areaMm2(): ?float
    {
        return $this->outline?->areaMm2() ?? $this->body?->areaMm2();
    }

    public function areaCm2(): ?float
    {
        $area = $this->areaMm2();

        return $area === null ? null : $area / 100;
    }

    /** Length of edge that gets coated, of one piece. */
    public function coatedEdgeMm(): float
    {
        return $this->outline === null ? 0.0 : $this->edge->coated->lengthMm($this->outline);
    }

    public function longestSideMm(): ?float
    {
        $box = $this->outline === null ? $this->body?->boxMm() : [$this->outline->boxWidthMm(), $this->outline->boxHeightMm()];

        return $box === null ? null : max($box);
    }

    /** What its recess or mould holds, ml; null when it has none. */
    public function holdsMl(): ?float
    {
        $recessMl = $this->outline === null || $this->rim->recessMm === null ? null : $this->outline->areaMm2() * $this->rim->recessMm->value / 1000;

        return $this->body?->holdsMl() ?? $recessMl;
    }
}
