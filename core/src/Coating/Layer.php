<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Coating;

use OpenGlaze\Core\Amount\Face;
use OpenGlaze\Core\Amount\SizingException;
use OpenGlaze\Core\Plan\Coat;
use OpenGlaze\Core\Plan\Zone;

/** What lies side by side on one piece: one coat over the whole face, or zones that do not overlap. */
final class Layer
{
    /** How far the shares of one layer may pass the whole, per cent. */
    private const SHARES_NEAR_PCT = 0.1;

    /** Zones that share less than this part of the smaller one only touch. */
    private const TOUCHING = 0.005;

    /** Mean thickness of it all over the whole face, mm. */
    public float $meanMm = 0.0;

    public CoatCase $last;

    private float $sharePct;

    private readonly ZoneIndex $zones;

    public function __construct(public readonly CoatCase $first)
    {
        $this->zones = new ZoneIndex;
        $this->sharePct = 0.0;
        $this->last = $first;
        $this->lay($first);
    }

    public function lay(CoatCase $case): void
    {
        $this->last = $case;
        $this->meanMm += $case->meanOnPieceMm() ?? 0.0;
        if ($case->coat->asked->coverage->zone !== null) {
            $this->zones->add($case->coat->asked->coverage->zone);
            $this->sharePct += $this->shareOf($case->coat->asked->coverage->zone, $case->face);
        }
    }

    /** Why a zone cannot lie in it; null where it can. */
    public function conflict(Coat $coat, Zone $zone, int $number): ?SizingException
    {
        if ($this->first->coat->asked->coverage->zone === null) {
            return SizingException::zonesOverlap($this->first->coat->id, $number);
        }
        $under = $this->zones->over($zone, self::TOUCHING);
        if ($under !== null) {
            return SizingException::zonesOverlap($under->name, $number);
        }
        $shares = $this->sharePct + $this->shareOf($zone, Face::of($this->first->piece, $coat));

        return $shares > 100 + self::SHARES_NEAR_PCT ? SizingException::sharesPastWhole($shares) : null;
    }

    /** How much of the piece a zone takes, per cent: as it is said, or as far as its outline lies on it. */
    private function shareOf(Zone $zone, Face $face): float
    {
        return $zone->sharePct->value ?? 100 * ($face->areaMm2 ?? 0.0) / max(1e-9, $this->first->piece->areaMm2() ?? 0.0);
    }
}
