<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Coating;

use OpenGlaze\Core\Outline\Overlap;
use OpenGlaze\Core\Plan\Zone;

/** Zones at places of their own, found again by where they lie: each is looked for among its neighbours only. */
final class ZoneIndex
{
    /** Fields across the first zone: zones of one layer are much of a size. */
    private const FIELDS = 2.0;

    /** A zone over more fields than this lies with the large ones, which are always looked at. */
    private const MOST_FIELDS = 64;

    private float $fieldMm = 0.0;

    /** @var array<string, list<Zone>> by field */
    private array $fields = [];

    /** @var list<Zone> */
    private array $large = [];

    public function add(Zone $zone): void
    {
        if ($zone->outline === null || $zone->at === null) {
            return;
        }
        if ($this->fieldMm <= 0) {
            $this->fieldMm = max($zone->outline->boxWidthMm(), $zone->outline->boxHeightMm()) / self::FIELDS;
        }
        $fields = $this->fieldsOf($zone);
        if ($fields === null) {
            $this->large[] = $zone;

            return;
        }
        foreach ($fields as $field) {
            $this->fields[$field][] = $zone;
        }
    }

    /** How much of a zone lies over those that are there, mm²: each of them counts for itself. */
    public function overlapMm2(Zone $zone): float
    {
        return array_sum(array_map(static fn (Zone $other): float => self::between($zone, $other), $this->near($zone)));
    }

    /** The first that it lies over, by more than a share of the smaller of the two; null where there is none. */
    public function over(Zone $zone, float $share): ?Zone
    {
        foreach ($this->near($zone) as $other) {
            if (self::between($zone, $other) > $share * min($zone->outline?->areaMm2() ?? INF, $other->outline?->areaMm2() ?? INF)) {
                return $other;
            }
        }

        return null;
    }

    /** @return list<Zone> */
    private function near(Zone $zone): array
    {
        if ($zone->outline === null || $zone->at === null) {
            return [];
        }
        $fields = $this->fieldsOf($zone);
        $found = [];
        foreach ($fields === null ? array_keys($this->fields) : $fields as $field) {
            foreach ($this->fields[$field] ?? [] as $other) {
                $found[spl_object_id($other)] = $other;
            }
        }

        return [...array_values($found), ...$this->large];
    }

    /** @return list<string>|null null where it is too large to be counted in fields */
    private function fieldsOf(Zone $zone): ?array
    {
        if ($zone->outline === null || $zone->at === null || $this->fieldMm <= 0) {
            return [];
        }
        $from = [(int) floor($zone->at->x / $this->fieldMm), (int) floor($zone->at->y / $this->fieldMm)];
        $to = [(int) floor(($zone->at->x + $zone->outline->boxWidthMm()) / $this->fieldMm), (int) floor(($zone->at->y + $zone->outline->boxHeightMm()) / $this->fieldMm)];
        if (($to[0] - $from[0] + 1) * ($to[1] - $from[1] + 1) > self::MOST_FIELDS) {
            return null;
        }
        $fields = [];
        for ($x = $from[0]; $x <= $to[0]; $x++) {
            for ($y = $from[1]; $y <= $to[1]; $y++) {
                $fields[] = "$x $y";
            }
        }

        return $fields;
    }

    private static function between(Zone $one, Zone $other): float
    {
        return $one->outline === null || $one->at === null || $other->outline === null || $other->at === null
            ? 0.0
            : Overlap::areaMm2($one->outline, $one->at, $other->outline, $other->at);
    }
}
