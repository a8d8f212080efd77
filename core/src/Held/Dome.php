<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Held;

use OpenGlaze\Core\Numeric\Root;

/**
 * A film that stops at an edge of any shape: as far as its edge is round a round puddle, and for the rest
 * the long puddle between straight edges.
 *
 * Source: both meet the edge at one angle; heights are weighed by how much of the edge is round.
 */
final readonly class Dome
{
    /** Points of a drawn rim. */
    private const DRAWN = 24;

    /** How near its mean a dome must come, relative. */
    private const NEAR = 1e-7;

    private const SECANTS = 12;

    private function __construct(
        private DomeEdge $edge,
        public float $angleDeg,
        public float $centreMm,
        private float $meanMm,
        private ?Puddle $round,
        private ?LongPuddle $long,
        private float $capillaryMm,
    ) {
    }

    /**
     * The dome that meets its edge at an angle.
     *
     * @param  float  $angleDeg  above 0, at most 180
     * @param  float  $capillaryMm  capillary length of the resin, above 0
     */
    public static function meetingAt(DomeEdge $edge, float $angleDeg, float $capillaryMm): self
    {
        return self::made($edge, $edge->roundShare > 0 ? Puddle::meetingAt($edge->effectiveRadiusMm, $angleDeg, $capillaryMm) : null, $angleDeg, $capillaryMm);
    }

    /**
     * The dome of a mean thickness; null when no edge angle up to the largest holds so much.
     *
     * @param  self|null  $most  the dome at the largest edge angle, where it is known already
     */
    public static function holding(DomeEdge $edge, float $meanMm, float $capillaryMm, float $mostDeg = 180.0, ?self $most = null): ?self
    {
        $most ??= self::meetingAt($edge, $mostDeg, $capillaryMm);
        if ($meanMm > $most->meanMm) {
            return null;
        }

        return self::secant($meanMm, $most) ?? self::meetingAt($edge, Root::of(
            static fn (float $deg): float => self::meetingAt($edge, $deg, $capillaryMm)->meanMm - $meanMm,
            1e-6,
            $mostDeg,
            1e-7,
            self::NEAR * $meanMm,
        ), $capillaryMm);
    }

    /** From the steepest dome down, each solved from the one before; null where that does not lead there. */
    private static function secant(float $meanMm, self $most): ?self
    {
        [$dome, $over] = [$most, $most->meanMm - $meanMm];
        // mean films of low domes go with the half angle's sine
        $next = rad2deg(2 * asin(min(1.0, sin(deg2rad($most->angleDeg) / 2) * $meanMm / $most->meanMm)));
        for ($i = 0; $i < self::SECANTS && $next > 0 && $next <= 180; $i++) {
            $before = $dome;
            $dome = self::made($dome->edge, $dome->round?->turnedTo($next, $dome->capillaryMm), $next, $dome->capillaryMm);
            $here = $dome->meanMm - $meanMm;
            if (abs($here) <= self::NEAR * $meanMm) {
                return $dome;
            }
            if ($here === $over) {
                return null;
            }
            [$over, $next] = [$here, $next - $here * ($next - $before->angleDeg) / ($here - $over)];
        }

        return null;
    }

    /** Mean thickness in mm: the volume over the face. */
    public function meanMm(): float
    {
        return $this->meanMm;
    }

    /**
     * Its surface from the edge inwards, for drawing: how far in from the edge and how high, mm. What
     * bulges over the edge has a distance below 0.
     *
     * @return non-empty-list<array{float, float}>
     */
    public function rim(): array
    {
        $angle = deg2rad($this->angleDeg);
        // closer together where it is flat, since it goes on for long there
        $slopes = array_map(static fn (int $i): float => $angle * (1 - $i / (self::DRAWN + 1)) ** 2, range(1, self::DRAWN));
        $share = $this->edge->roundShare;
        $round = $this->round?->at($slopes, $this->capillaryMm) ?? [];
        $long = $this->long?->at($slopes, $this->capillaryMm) ?? [];
        $mixed = static fn (int $point, int $way): float => $share * ($round[$point][$way] ?? 0.0) + (1 - $share) * ($long[$point][$way] ?? 0.0);

        return [[0.0, 0.0], ...array_map(static fn (int $point): array => [$mixed($point, 0), $mixed($point, 1)], array_keys($slopes))];
    }

    private static function made(DomeEdge $edge, ?Puddle $round, float $angleDeg, float $capillaryMm): self
    {
        $long = $edge->roundShare < 1.0 ? LongPuddle::meetingAt($edge->halfWidthMm(), $angleDeg, $capillaryMm) : null;
        $share = $edge->roundShare;

        return new self(
            $edge,
            $angleDeg,
            $share * ($round->centreMm ?? 0.0) + (1 - $share) * ($long->centreMm ?? 0.0),
            $share * ($round?->meanMm() ?? 0.0) + (1 - $share) * ($long?->meanMm($capillaryMm) ?? 0.0),
            $round,
            $long,
            $capillaryMm,
        );
    }
}
