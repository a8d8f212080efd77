<?php

declare(strict_types=1);

namespace App\Pouring;

use App\Models\Pour;
use App\Typed\FieldException;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Journal\Known;
use OpenGlaze\Core\Quantity\MassParser;
use OpenGlaze\Core\Quantity\QuantityException;
use OpenGlaze\Core\Quantity\UnitSystem;
use OpenGlaze\Core\Quantity\VolumeParser;

/**
 * Reads what somebody writes down of both parts: weighed in g, read off a cup in ml, as planned, or unknown.
 * What was poured in stages may stand as a sum: 120 + 80. An empty field says nothing.
 */
final readonly class UsedFields
{
    private const MOST = 1_000_000.0;

    public function __construct(private Pour $pour)
    {
    }

    /**
     * @param  callable(string): string  $typed  by the field's name: used_a, how_a, used_b, how_b, tray_g, left_g, note
     * @return Entry the facts of a "took": only what was said
     *
     * @throws FieldException with a sentence for each field that cannot be read
     */
    public function read(callable $typed): Entry
    {
        $facts = [];
        $said = [];
        foreach (['a', 'b'] as $part) {
            try {
                $amount = $this->amount($part, $typed("used_$part"), Known::tryFrom($typed("how_$part")) ?? Known::Weighed);
                if ($amount !== null) {
                    $facts[$part] = $amount;
                }
            } catch (QuantityException $exception) {
                $said["used_$part"] = $exception->said;
            }
        }
        foreach (['tray_g', 'left_g'] as $weighed) {
            try {
                if (trim($typed($weighed)) !== '') {
                    $facts[$weighed] = self::inRange($typed($weighed), MassParser::g($typed($weighed)));
                }
            } catch (QuantityException $exception) {
                $said[$weighed] = $exception->said;
            }
        }
        if ($said !== []) {
            throw FieldException::at($said);
        }
        if (trim($typed('note')) !== '') {
            $facts['note'] = trim($typed('note'));
        }

        return Entry::from($facts);
    }

    /** Null where nothing was said. @throws QuantityException */
    private function amount(string $part, string $written, Known $how): ?Entry
    {
        $ml = match ($how) {
            Known::Unknown => null,
            Known::Planned => UsedBesidePlanned::planned($this->pour)->number("{$part}_ml"),
            Known::Weighed, Known::Read => trim($written) === '' ? null : $this->ml($part, $written, $how),
        };
        if ($ml === null && $how !== Known::Unknown) {
            return null;
        }

        return Entry::from(['how' => $how->value, ...($ml === null ? [] : ['ml' => $ml])]);
    }

    private function ml(string $part, string $written, Known $how): float
    {
        $amount = (float) array_sum(array_map(static fn (string $one): float => self::inRange($one, $how === Known::Weighed ? MassParser::g($one) : VolumeParser::ml($one, UnitSystem::Metric)), explode('+', $written)));
        if ($how === Known::Read) {
            return $amount;
        }
        $density = UsedBesidePlanned::density($this->pour, $part);

        return $density === null ? throw QuantityException::noDensity() : $amount / $density;
    }

    private static function inRange(string $written, float $amount): float
    {
        return $amount < 0 || $amount > self::MOST ? throw QuantityException::outOfRange($written, 0, self::MOST) : $amount;
    }
}
