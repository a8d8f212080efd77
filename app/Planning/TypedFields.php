<?php

declare(strict_types=1);

namespace App\Planning;

use App\PlanFile\Json;
use App\Typed\FieldException;
use OpenGlaze\Core\Quantity\LabelParser;
use OpenGlaze\Core\Quantity\LengthParser;
use OpenGlaze\Core\Quantity\NumberParser;
use OpenGlaze\Core\Quantity\QuantityException;
use OpenGlaze\Core\Quantity\UnitSystem;
use OpenGlaze\Core\Quantity\VolumeParser;
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
        'edge_radius_mm', 'recess_mm', 'lip_mm', 'target_thickness_mm', 'measure.cylinder.diameter_mm', 'measure.cylinder.height_mm', 'measure.deepest_mm',
        'outline.holes.*.diameter_mm', 'outline.holes.*.width_mm', 'outline.holes.*.height_mm', 'outline.holes.*.x_mm', 'outline.holes.*.y_mm',
        'size_by.thickness_mm', 'size_by.stays_mm', 'size_by.total_depth_mm', 'size_by.rest_leaving_mm', 'edge_film_mm', 'mark_mm', 'relief_mm',
        'zone.width_mm', 'zone.height_mm', 'zone.diameter_mm', 'zone.x_mm', 'zone.y_mm',
        'inclusions.*.bottom_mm', 'inclusions.*.height_mm', 'batches.*.cup_diameter_mm',
    ];

    private const NUMBERS = [
        'quantity', 'cups', 'runoff_pct', 'humidity_pct', 'margin_pct', 'residue_ml_per_cup', 'texture', 'coverage_pct', 'soak_ml_m2',
        'size_by.edge_angle_deg', 'zone.share_pct', 'inclusions.*.count', 'parts.*.share_pct', 'measure.water_g',
        'batches.*.emptied_min', 'batches.*.cups', 'batches.*.measure.resolution_g',
        'batches.*.colours.*.share_pct', 'batches.*.colours.*.small_cups', 'batches.*.colours.*.reserve_pct', 'batches.*.colours.*.per_ml',
        'batches.*.colours.*.doses.*.ml', 'batches.*.colours.*.doses.*.g', 'batches.*.colours.*.doses.*.drops', 'batches.*.colours.*.doses.*.dips', 'batches.*.colours.*.doses.*.scoops',
    ];

    /** Amounts that are fluid ounces for who reads imperial units. */
    private const VOLUMES = ['size_by.ml_per_piece', 'size_by.rest_leaving_ml', 'measure.each_ml', 'inclusions.*.volume_ml', 'inclusions.*.bulk_ml', 'displaced_ml', 'batches.*.colours.*.ml', 'batches.*.measure.graduation_ml', 'batches.*.measure.fill_ml'];

    /** Ml a cm², or fluid ounces a square foot for who reads imperial units. */
    private const SPREADS = ['size_by.ml_per_cm2'];

    /** Cm², or square inches for who reads imperial units. */
    private const AREAS = ['measure.area_cm2'];

    /** Mm a metre, or inches a foot for who reads imperial units. */
    private const SLOPES = ['slope_mm_per_m'];

    /** Several lengths, with × or a semicolon between them. */
    private const SIZES = ['inclusions.*.size_mm', 'measure.ellipsoid_mm'];

    private const TEMPERATURES = ['temperature_c', 'batches.*.mixed_at_c'];

    public function __construct(private UnitSystem $units)
    {
    }

    /** Lengths and temperatures of sheets on the shelf; every other text that is a number there is one. */
    private const SHEET_LENGTHS = ['bottom_mm', 'top_mm', 'height_mm', 'floor_radius_mm', 'max_pour_mm', 'catalyst.*.depth_mm'];

    private const SHEET_TEMPERATURES = ['viscosity_at_c', 'reference_c', 'min_room_c', 'max_room_c'];

    private const SHEET_VOLUMES = ['left_ml', 'left_a_ml', 'left_b_ml', 'bought_ml', 'min_batch_ml', 'graduation_ml'];

    /** Times of a label; of a range, "3-4 h", what is safe: the earliest end of what is left, the latest of what is waited for. */
    private const SHEET_TIMES = [
        'minutes' => ['open_min', 'pot_life_min'],
        'minutes_at_most' => ['mix_min'],
        'hours' => ['recoat_to_h'],
        'hours_at_most' => ['recoat_from_h', 'sand_from_h', 'handle_h', 'full_cure_h'],
    ];

    private const SHEET_NUMBERS = [
        'ratio.a', 'ratio.b', 'catalyst.*.pct', 'density_a_g_ml', 'density_b_g_ml', 'density_g_ml', 'surface_tension_n_m', 'pot_life_mass_g', 'colourant_limit_pct', 'watery_limit_pct', 'filler_limit_pct', 'ratio_tolerance_pct',
        'max_humidity_pct', 'heat_kj_kg', 'heat_capacity_j_kg_k', 'activation_kj_mol', 'flow_activation_kj_mol', 'shrinkage_pct', 'limit_pct', 'drop_ml', 'dip_ml', 'scoop_ml',
        'weight_g', 'have', 'price', 'per_ml', 'doses.*.ml', 'doses.*.g', 'doses.*.drops', 'doses.*.dips', 'doses.*.scoops',
    ];

    /** @throws FieldException with a sentence for each field that cannot be read */
    public function readSheet(stdClass $typed): stdClass
    {
        return $this->readAll($typed, '', ['length' => self::SHEET_LENGTHS, 'number' => self::SHEET_NUMBERS, 'volume' => self::SHEET_VOLUMES, 'volumes' => ['packs_ml'], 'temperature' => self::SHEET_TEMPERATURES, 'viscosity' => ['viscosity_pa_s'], ...self::SHEET_TIMES]);
    }

    /** @throws FieldException with a sentence for each field that cannot be read */
    public function read(stdClass $typed, string $prefix): stdClass
    {
        return $this->readAll($typed, $prefix, ['length' => self::LENGTHS, 'number' => self::NUMBERS, 'volume' => self::VOLUMES, 'spread' => self::SPREADS, 'area' => self::AREAS, 'slope' => self::SLOPES, 'size' => self::SIZES, 'temperature' => self::TEMPERATURES]);
    }

    /**
     * @param  array<string, list<string>>  $kinds  paths of fields by what they hold
     *
     * @throws FieldException with a sentence for each field that cannot be read
     */
    private function readAll(stdClass $typed, string $prefix, array $kinds): stdClass
    {
        $read = Json::copy($typed);
        $said = [];
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
                        $said[$prefix.$place] = $exception->said;
                    }
                }
            }
        }
        if ($said !== []) {
            throw FieldException::at($said);
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

        if ($kind === 'volumes') {
            return array_map(fn (string $one): int|float => self::plain(VolumeParser::ml($one, $this->units)), preg_split('/\s*[;,]\s+|\s*;\s*/u', trim($written)) ?: []);
        }

        return self::plain(match ($kind) {
            'length' => LengthParser::mm($written, $this->units->lengthUnit()),
            'temperature' => NumberParser::celsius($written, $this->units),
            'volume' => VolumeParser::ml($written, $this->units),
            'minutes' => LabelParser::minutes($written),
            'minutes_at_most' => LabelParser::minutes($written, true),
            'hours' => LabelParser::hours($written),
            'hours_at_most' => LabelParser::hours($written, true),
            'viscosity' => LabelParser::pascalSeconds($written),
            'spread' => NumberParser::number($written) * $this->units->mlPerCm2(),
            'slope' => NumberParser::number($written) / $this->units->slopePerMmM(),
            'area' => NumberParser::number($written) * $this->units->cm2PerArea(),
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
