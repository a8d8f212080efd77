<?php

declare(strict_types=1);

namespace App\Planning;

use App\PlanFile\Json;
use OpenGlaze\Core\Quantity\LengthParser;
use OpenGlaze\Core\Quantity\NumberParser;
use OpenGlaze\Core\Quantity\QuantityException;
use OpenGlaze\Core\Quantity\UnitSystem;
use stdClass;

/**
 * Turns what a person typed into the numbers of the plan file. Fields keep the plan file's names; a
 * text stands where the file has a number. Numbers pass as they are; an empty text means left out.
 * A * in a path stands for every entry of a list.
 */
final readonly class TypedFields
{
    private const LENGTHS = [
        'outline.width_mm', 'outline.height_mm', 'outline.diameter_mm', 'outline.inner_mm', 'outline.radius_mm', 'edge_depth_mm',
        'recess_mm', 'lip_mm', 'target_thickness_mm', 'measure.cylinder.diameter_mm', 'measure.cylinder.height_mm',
        'outline.holes.*.diameter_mm', 'outline.holes.*.width_mm', 'outline.holes.*.height_mm', 'outline.holes.*.x_mm', 'outline.holes.*.y_mm',
        'size_by.thickness_mm', 'size_by.total_depth_mm', 'size_by.rest_leaving_mm', 'edge_film_mm', 'mark_mm', 'relief_mm',
        'zone.width_mm', 'zone.height_mm', 'zone.diameter_mm', 'zone.x_mm', 'zone.y_mm',
        'inclusions.*.bottom_mm', 'inclusions.*.height_mm',
    ];

    private const NUMBERS = [
        'quantity', 'cups', 'runoff_pct', 'humidity_pct', 'slope_mm_per_m', 'margin_pct', 'residue_ml_per_cup', 'texture', 'coverage_pct', 'soak_ml_m2',
        'size_by.edge_angle_deg', 'zone.share_pct', 'inclusions.*.count', 'parts.*.share_pct', 'measure.water_g',
    ];

    /** Amounts that are fluid ounces for who reads imperial units. */
    private const VOLUMES = ['size_by.ml_per_piece', 'size_by.rest_leaving_ml', 'measure.each_ml', 'inclusions.*.volume_ml', 'inclusions.*.bulk_ml', 'displaced_ml'];

    /** Ml a cm², or a square inch for who reads imperial units. */
    private const SPREADS = ['size_by.ml_per_cm2'];

    /** Several lengths, with × or a semicolon between them. */
    private const SIZES = ['inclusions.*.size_mm', 'measure.ellipsoid_mm'];

    private const TEMPERATURES = ['temperature_c'];

    public function __construct(private UnitSystem $units)
    {
    }

    /** @throws FieldException with a sentence for each field that cannot be read */
    public function read(stdClass $typed, string $prefix): stdClass
    {
        $read = Json::copy($typed);
        $sentences = [];
        $kinds = ['length' => self::LENGTHS, 'number' => self::NUMBERS, 'volume' => self::VOLUMES, 'spread' => self::SPREADS, 'size' => self::SIZES, 'temperature' => self::TEMPERATURES];
        foreach ($kinds as $kind => $paths) {
            foreach ($paths as $path) {
                foreach (self::places($read, explode('.', $path)) as $place => [$holder, $field]) {
                    $value = $holder->{$field} ?? null;
                    if (! is_string($value)) {
                        continue;
                    }
                    try {
                        $holder->{$field} = trim($value) === '' ? null : $this->parsed($kind, $value);
                    } catch (QuantityException $exception) {
                        $sentences[$prefix.$place] = $exception->getMessage();
                    }
                }
            }
        }
        if ($sentences !== []) {
            throw FieldException::at($sentences);
        }

        return $read;
    }

    /** @return int|float|list<int|float> */
    private function parsed(string $kind, string $written): int|float|array
    {
        if ($kind === 'size') {
            $sides = array_map(fn (string $side): int|float => self::plain(LengthParser::mm($side, $this->units->lengthUnit())), preg_split('/\s*[×x;*]\s*/iu', trim($written)) ?: []);

            return count($sides) === 1 ? $sides[0] : $sides;
        }

        return self::plain(match ($kind) {
            'length' => LengthParser::mm($written, $this->units->lengthUnit()),
            'temperature' => NumberParser::celsius($written, $this->units),
            'volume' => NumberParser::number($written) * $this->units->mlPerVolume(),
            'spread' => NumberParser::number($written) / $this->units->cm2PerArea(),
            default => NumberParser::number($written),
        });
    }

    private static function plain(float $number): int|float
    {
        $rounded = round($number, 9);

        return floor($rounded) === $rounded && abs($rounded) < 1e15 ? (int) $rounded : $rounded;
    }

    /**
     * Where a path leads: the objects that hold the field, and the field's own name, by the path with its indices.
     *
     * @param  list<string>  $steps
     * @return array<string, array{stdClass, string}>
     */
    private static function places(mixed $holder, array $steps, string $walked = ''): array
    {
        $step = array_shift($steps);
        if ($step === '*') {
            $places = [];
            foreach (is_array($holder) ? $holder : [] as $index => $entry) {
                $places += self::places($entry, $steps, $walked.$index.'.');
            }

            return $places;
        }
        if (! $holder instanceof stdClass || $step === null) {
            return [];
        }

        return $steps === [] ? [$walked.$step => [$holder, $step]] : self::places($holder->{$step} ?? null, $steps, $walked.$step.'.');
    }
}
