<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

/** The schools of sizing a coat; the value is the field of the plan file. */
enum SizeBy: string
{
    case Thickness = 'thickness_mm';
    case SpreadRate = 'ml_per_cm2';
    case PerPiece = 'ml_per_piece';
    case TotalDepth = 'total_depth_mm';
    case EdgeAngle = 'edge_angle_deg';
    case Stays = 'stays_mm';
    case RestLeavingMm = 'rest_leaving_mm';
    case RestLeavingMl = 'rest_leaving_ml';

    /** @return array{float, float, string} least, most, unit */
    public function range(): array
    {
        return match ($this) {
            self::Thickness, self::TotalDepth => [0.01, 500, 'mm'],
            self::SpreadRate => [0.001, 50, 'ml/cm²'],
            self::PerPiece => [0.01, 1_000_000, 'ml'],
            self::Stays => [0.01, 20, 'mm'],
            self::EdgeAngle => [1, 180, '°'],
            self::RestLeavingMm => [0, 500, 'mm'],
            self::RestLeavingMl => [0, 1_000_000, 'ml'],
        };
    }

    /** How a film must end that is sized so; null where any end will do. */
    public function needs(): ?Containment
    {
        return match ($this) {
            self::EdgeAngle => Containment::Held,
            self::Stays => Containment::Open,
            self::TotalDepth, self::RestLeavingMm, self::RestLeavingMl => Containment::Dammed,
            self::Thickness, self::SpreadRate, self::PerPiece => null,
        };
    }

    /** Whether its amount may mean what came out of the bottles. */
    public function canBeMixed(): bool
    {
        return $this === self::SpreadRate || $this === self::PerPiece;
    }
}
