<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Reading;

use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Outline\Point;
use OpenGlaze\Core\Plan\Zone;
use OpenGlaze\Core\Surface\Surface;

/** Reads the part of the face that a coat covers. */
final class ZoneReader
{
    private const MOST_LAYERS = 1000;

    public function read(Node $node): Zone
    {
        $byShare = $node->has('share_pct');
        if ($byShare === $node->has('shape')) {
            $node->faultHere(Message::of('plan.zone'));
        }
        $surface = $node->has('surface') ? $node->choice('surface', Surface::class) : null;
        $place = static fn (string $field): float => $node->numberOr($field, 0, -OutlineReader::MOST_MM, OutlineReader::MOST_MM, 'mm')->value;

        return new Zone(
            $node->textOr('name', ''),
            $byShare || ! $node->has('shape') ? null : (new OutlineReader)->read($node),
            $byShare ? null : new Point($place('x_mm'), $place('y_mm')),
            $node->optionalNumber('share_pct', 0.1, 100, '%'),
            $surface,
            $node->optionalNumber('soak_ml_m2', 0, 10_000, 'ml/m²'),
            $node->has('layer') ? $node->wholeOr('layer', 1, 1, self::MOST_LAYERS) : null,
        );
    }
}
