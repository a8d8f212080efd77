<?php

declare(strict_types=1);

namespace App\Pouring;

use App\Planning\FieldException;
use OpenGlaze\Core\Quantity\NumberParser;
use OpenGlaze\Core\Quantity\QuantityException;
use OpenGlaze\Core\Quantity\UnitSystem;
use OpenGlaze\Core\Quantity\VolumeParser;
use stdClass;

/**
 * Reads what somebody writes down of both parts, in g or in ml; an empty field is not written down.
 * What was poured in stages may stand as a sum: 120 + 80.
 */
final class UsedFields
{
    private const MOST = 1_000_000.0;

    /** @throws FieldException with a sentence for each field that cannot be read */
    public static function read(string $a, string $b, string $by, stdClass $resin): Used
    {
        $sentences = [];
        $ml = [];
        foreach (['a' => $a, 'b' => $b] as $part => $written) {
            try {
                $ml[$part] = self::ml($written, $by, $resin->{"density_{$part}_g_ml"} ?? null);
            } catch (QuantityException $exception) {
                $sentences['used_'.$part] = $exception->getMessage();
            }
        }
        if ($sentences !== []) {
            throw FieldException::at($sentences);
        }

        return new Used($ml['a'] ?? null, $ml['b'] ?? null);
    }

    private static function ml(string $written, string $by, mixed $density): ?float
    {
        if (trim($written) === '') {
            return null;
        }
        $amount = array_sum(array_map(static fn (string $one): float => self::amount($one, $by), explode('+', $written)));
        if ($by !== 'g') {
            return $amount;
        }

        return is_numeric($density) ? $amount / (float) $density : throw QuantityException::noDensity();
    }

    /** One of several cups that were poured one after the other. */
    private static function amount(string $written, string $by): float
    {
        $amount = $by === 'g' ? NumberParser::number($written) : VolumeParser::ml($written, UnitSystem::Metric);

        return $amount < 0 || $amount > self::MOST ? throw QuantityException::outOfRange($written, 0, self::MOST) : $amount;
    }
}
