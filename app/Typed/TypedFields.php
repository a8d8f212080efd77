<?php

declare(strict_types=1);

namespace App\Typed;

use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Quantity\LabelParser;
use OpenGlaze\Core\Quantity\LengthParser;
use OpenGlaze\Core\Quantity\NumberParser;
use OpenGlaze\Core\Quantity\QuantityException;
use OpenGlaze\Core\Quantity\UnitSystem;
use OpenGlaze\Core\Quantity\VolumeParser;

/**
 * Turns what a person typed into the numbers of the plan file. Fields keep the plan file's names; a
 * text stands where the file has a number. Numbers pass as they are; an empty text means left out.
 *
 * What a field holds is said by the unit that its name ends in; see unitOf().
 */
final readonly class TypedFields
{
    /** Units that names end in, the longer before those that they end in themselves. */
    private const UNITS = [
        'ml_per_cm2', 'ml_per_piece', 'ml_per_cup', 'mm_per_m', 'ml_m2', 'w_m2_k', 'w_m_k', 'j_kg_k', 'kj_kg', 'kj_mol', 'n_m', 'pa_s', 'g_ml',
        'cm2', 'pct', 'deg', 'min', 'mm', 'ml', 'c', 'g', 'h',
    ];

    /** Numbers without a unit. */
    private const COUNTS = ['quantity', 'cups', 'count', 'small_cups', 'layer', 'lift', 'lifts', 'drops', 'dips', 'scoops', 'have', 'texture', 'void_fraction', 'a', 'b', 'price'];

    /** Several values in one field, with × or a semicolon between lengths, a semicolon or a comma and a space between volumes. */
    private const LISTS = ['size_mm', 'ellipsoid_mm', 'packs_ml'];

    /** Amounts as small as these are ml for everybody. */
    private const SMALL = ['drop_ml', 'dip_ml', 'scoop_ml', 'per_ml'];

    /** Of a label's range, "3-4 h", the earliest end of what is left; of all that is waited for the latest. */
    private const TIME_LEFT = ['open_min', 'pot_life_min', 'recoat_to_h'];

    public function __construct(private UnitSystem $units)
    {
    }

    /** The unit that a field of this name is kept in: '' for a bare number, null for what is none. */
    public static function unitOf(string $field): ?string
    {
        foreach (self::UNITS as $unit) {
            if ($field === $unit || str_ends_with($field, '_'.$unit)) {
                return $unit;
            }
        }

        return in_array($field, self::COUNTS, true) ? '' : null;
    }

    /**
     * @param  string  $prefix  before the names of fields that cannot be read
     *
     * @throws FieldException with a sentence for each field that cannot be read
     */
    public function read(Entry $typed, string $prefix = ''): Entry
    {
        $said = [];
        $read = $this->entry($typed, $prefix, false, $said);

        return $said === [] ? $read : throw FieldException::at($said);
    }

    /** @param  array<string, Message>  $said  by field */
    private function entry(Entry $typed, string $place, bool $isSmall, array &$said): Entry
    {
        $read = [];
        foreach ($typed->fields() as $field => $value) {
            $read[$field] = $this->value($value, (string) $field, $place.$field, $isSmall, $said);
        }

        return Entry::from($read);
    }

    /** @param  array<string, Message>  $said  by field */
    private function value(mixed $value, string $field, string $place, bool $isSmall, array &$said): mixed
    {
        if ($value instanceof Entry) {
            return $this->entry($value, $place.'.', $isSmall, $said);
        }
        if (is_array($value)) {
            $isSmall = $isSmall || $field === 'doses';
            $list = [];
            foreach ($value as $index => $one) {
                $list[] = $this->value($one, '', "$place.$index", $isSmall, $said);
            }

            return $list;
        }
        $unit = is_string($value) ? self::unitOf($field) : null;
        if (! is_string($value) || $unit === null) {
            return $value;
        }
        try {
            return trim($value) === '' ? null : $this->parsed($value, $field, $isSmall ? '' : $unit);
        } catch (QuantityException $exception) {
            $said[$place] = $exception->said;

            return null;
        }
    }

    /** @return int|float|list<int|float> */
    private function parsed(string $written, string $field, string $unit): int|float|array
    {
        if (! in_array($field, self::LISTS, true)) {
            return $this->one($written, $field, $unit);
        }
        $between = $unit === 'mm' ? '/\s*[×x;*]\s*/iu' : '/\s*[;,]\s+|\s*;\s*/u';
        $all = array_map(fn (string $one): int|float => $this->one($one, $field, $unit), preg_split($between, trim($written)) ?: []);

        return $unit === 'mm' && count($all) === 1 ? $all[0] : $all;
    }

    private function one(string $written, string $field, string $unit): int|float
    {
        $waits = ! in_array($field, self::TIME_LEFT, true);
        $number = match ($unit) {
            'mm' => LengthParser::mm($written, $this->units->lengthUnit()),
            'c' => NumberParser::celsius($written, $this->units),
            'ml', 'ml_per_piece' => in_array($field, self::SMALL, true) ? NumberParser::number($written) : VolumeParser::ml($written, $this->units),
            'min' => LabelParser::minutes($written, $waits),
            'h' => LabelParser::hours($written, $waits),
            'pa_s' => LabelParser::pascalSeconds($written),
            'ml_per_cm2' => NumberParser::number($written) * $this->units->mlPerCm2(),
            'mm_per_m' => NumberParser::number($written) / $this->units->slopePerMmM(),
            'cm2' => NumberParser::number($written) * $this->units->cm2PerArea(),
            default => NumberParser::number($written),
        };
        $rounded = round($number, 9);

        return floor($rounded) === $rounded && abs($rounded) < 1e15 ? (int) $rounded : $rounded;
    }
}
