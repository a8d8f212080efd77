<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Mix;

/** A polyester label's own table: the deeper the layer, the less catalyst. Linear between its rows, refused outside. */
final readonly class CatalystTable
{
    /** @param  non-empty-list<array{float, float}>  $rows  depth in mm, strictly rising, and per cent of the resin by volume */
    public function __construct(private array $rows)
    {
    }

    public function shallowestMm(): float
    {
        return $this->rows[0][0];
    }

    public function deepestMm(): float
    {
        return $this->rows[count($this->rows) - 1][0];
    }

    /**
     * Catalyst in per cent of the resin, by volume, for a layer of a depth in mm.
     *
     * @throws MixException when the depth is outside the table
     */
    public function percentAt(float $depthMm): float
    {
        [$before, $percent] = $this->rows[0];
        foreach ($this->rows as [$depth, $here]) {
            if ($depthMm <= $depth + 1e-9 && $depthMm >= $this->shallowestMm() - 1e-9) {
                return $depth > $before ? $percent + ($here - $percent) * ($depthMm - $before) / ($depth - $before) : $here;
            }
            [$before, $percent] = [$depth, $here];
        }
        throw MixException::outsideCatalystTable($depthMm, $this->shallowestMm(), $this->deepestMm());
    }
}
