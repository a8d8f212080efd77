<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Heat;

/**
 * What a film lies on, as it takes up the film's heat: slabs from below.
 *
 * Source: usual depths and handbook values of conductivity and heat capacity.
 */
enum Base: string
{
    case Wood = 'wood';
    case Canvas = 'canvas';
    case Stone = 'stone';
    case Metal = 'metal';
    /** a mould lies on a bench */
    case Mould = 'mould';

    /** What the air above and below it take together, W/(m² K). */
    private const LOSS_W_M2_K = 16.0;

    /**
     * @param  float|null  $depthMm  the piece's own depth there: of a mould its wall, above 0; null for the usual one
     * @return non-empty-list<Slab> from below
     */
    public function slabs(?float $depthMm = null): array
    {
        $own = $depthMm === null ? null : $depthMm / 1000;

        return match ($this) {
            self::Wood => [self::wood($own)],
            self::Canvas => [new Slab($own ?? 0.001, 0.1, 1.68e6)],
            self::Stone => [new Slab($own ?? 0.008, 1.0, 2.0e6)],
            self::Metal => [new Slab($own ?? 0.002, 50.0, 3.6e6)],
            self::Mould => [self::wood(null), new Slab($own ?? 0.003, 0.4, 1.81e6)],
        };
    }

    /** How long it takes to come within e⁻¹ of the room, min: Σ depth·C ÷ 16. */
    public function timeConstantMin(?float $depthMm = null): float
    {
        return array_sum(array_map(static fn (Slab $slab): float => $slab->depthM * $slab->heatCapacity, $this->slabs($depthMm))) / self::LOSS_W_M2_K / 60;
    }

    private static function wood(?float $depthM): Slab
    {
        return new Slab($depthM ?? 0.018, 0.12, 0.96e6);
    }
}
