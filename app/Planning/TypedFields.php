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
 */
final readonly class TypedFields
{
    private const LENGTHS = [
        'outline.width_mm', 'outline.height_mm', 'outline.diameter_mm', 'outline.inner_mm', 'outline.radius_mm', 'edge_depth_mm',
        'size_by.thickness_mm', 'edge_film_mm',
    ];

    private const NUMBERS = [
        'quantity', 'cups', 'runoff_pct', 'humidity_pct', 'slope_mm_per_m', 'margin_pct', 'residue_ml_per_cup',
    ];

    private const TEMPERATURES = ['temperature_c'];

    public function __construct(private UnitSystem $units)
    {
    }

    /** @throws FieldException with a sentence for each field that cannot be read */
    public function read(stdClass $typed, string $prefix): stdClass
    {
        $read = Json::copy($typed);
        $sentences = [];
        foreach ([...self::LENGTHS, ...self::NUMBERS, ...self::TEMPERATURES] as $path) {
            [$holder, $field] = self::place($read, $path);
            $value = $holder->{$field} ?? null;
            if (! is_string($value)) {
                continue;
            }
            try {
                $holder->{$field} = trim($value) === '' ? null : $this->number($path, $value);
            } catch (QuantityException $exception) {
                $sentences[$prefix.$path] = $exception->getMessage();
            }
        }
        if ($sentences !== []) {
            throw FieldException::at($sentences);
        }

        return $read;
    }

    private function number(string $path, string $written): int|float
    {
        $number = match (true) {
            in_array($path, self::LENGTHS, true) => LengthParser::mm($written, $this->units->lengthUnit()),
            in_array($path, self::TEMPERATURES, true) => NumberParser::celsius($written, $this->units),
            default => NumberParser::number($written),
        };
        $rounded = round($number, 9);

        return floor($rounded) === $rounded && abs($rounded) < 1e15 ? (int) $rounded : $rounded;
    }

    /** @return array{stdClass, string} the object that holds the field, and the field's own name */
    private static function place(stdClass $root, string $path): array
    {
        $steps = explode('.', $path);
        $field = array_pop($steps);
        $holder = $root;
        foreach ($steps as $step) {
            $next = $holder->{$step} ?? null;
            if (! $next instanceof stdClass) {
                return [new stdClass, $field];
            }
            $holder = $next;
        }

        return [$holder, $field];
    }
}
