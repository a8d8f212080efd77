<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Reading;

use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Plan\Inclusion;
use OpenGlaze\Core\Plan\InclusionPlace;
use OpenGlaze\Core\Plan\InclusionTraits;
use OpenGlaze\Core\Quantity\Sourced;

/** Reads things embedded in a coat: by count and size, by volume, or as a bulk fill with voids. */
final readonly class InclusionReader
{
    private const SIZES = ['size_mm', 'volume_ml', 'bulk_ml'];

    public function __construct(private Sourced $voidFraction)
    {
    }

    public function read(Node $node): Inclusion
    {
        $given = array_values(array_filter(self::SIZES, $node->has(...)));
        if (count($given) !== 1) {
            $node->faultHere(Message::of('plan.inclusion_size'));
        }
        $count = $node->wholeOr('count', 1, 1, 1_000_000);
        $void = ($given[0] ?? '') === 'bulk_ml' ? ($node->optionalNumber('void_fraction', 0, 0.95) ?? $this->voidFraction) : null;
        $sides = $node->has('size_mm') ? $this->sides($node) : [];
        $each = match ($given[0] ?? '') {
            'size_mm' => self::volumeMl($sides),
            'volume_ml' => $node->number('volume_ml', 0.0001, 1_000_000, 'ml')->value,
            'bulk_ml' => $node->number('bulk_ml', 0.01, 1_000_000, 'ml')->value * (1 - ($void->value ?? 0.0)),
            default => 0.0,
        };

        return new Inclusion(
            $node->textOr('name', 'Inclusion'),
            $count,
            $each * $count,
            $void,
            new InclusionPlace(
                $node->numberOr('bottom_mm', 0, 0, 500, 'mm')->value,
                $node->optionalNumber('height_mm', 0.01, 10_000, 'mm')->value ?? ($sides === [] ? null : $sides[count($sides) - 1]),
                count($sides) === 1,
                $node->boolOr('on_top', false),
            ),
            new InclusionTraits(
                $node->boolOr('floats', false),
                $node->boolOr('drinks', false),
                $node->boolOr('traps_air', false),
                $node->boolOr('heat_tolerant', true),
                $node->boolOr('after_heat', false),
            ),
        );
    }

    /** @return list<float> a ball's diameter; a disc's diameter and height; a block's length, width and height */
    private function sides(Node $node): array
    {
        $raw = $node->raw('size_mm');
        $list = is_array($raw) ? array_values($raw) : [$raw];
        $sides = [];
        foreach ($list as $mm) {
            if ((is_int($mm) || is_float($mm)) && $mm >= 0.01 && $mm <= OutlineReader::MOST_MM) {
                $sides[] = (float) $mm;
            }
        }
        if (count($sides) !== count($list) || count($list) > 3 || $list === []) {
            $node->fault('size_mm', Message::of('plan.inclusion_shape'));

            return [1.0];
        }

        return $sides;
    }

    /** @param  list<float>  $sides */
    private static function volumeMl(array $sides): float
    {
        return match (count($sides)) {
            1 => M_PI / 6 * $sides[0] ** 3 / 1000,
            2 => M_PI / 4 * $sides[0] ** 2 * $sides[1] / 1000,
            default => $sides[0] * $sides[1] * $sides[2] / 1000,
        };
    }
}
