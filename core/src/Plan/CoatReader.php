<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Held\Puddle;
use OpenGlaze\Core\Quantity\Origin;
use OpenGlaze\Core\Quantity\Sourced;

/** Reads one coat; knows which pieces and resins there are. */
final readonly class CoatReader
{
    private const NOT_YET = [
        'zone' => 'A coat on a part of the face',
        'inclusions' => 'An inclusion',
        'displaced_ml' => 'A displaced volume',
        'parts' => 'A coat laid in parts',
        'after_oil' => 'A coat after oil',
        'turn_first' => 'A coat after turning',
        'over_hard' => 'A coat over a hard film',
        'laying' => 'Laying it this way',
    ];

    private const HARMLESS = ['displaced_ml' => 0, 'after_oil' => false, 'turn_first' => false, 'over_hard' => 'sand', 'laying' => 'centre'];

    private const OTHER_SIZES = ['ml_per_cm2', 'ml_per_piece', 'total_depth_mm'];

    /**
     * @param  array<string, Piece>  $pieces
     * @param  array<string, ResinSheet>  $resins
     */
    public function __construct(
        private array $pieces,
        private array $resins,
    ) {
    }

    public function read(Node $node): Coat
    {
        foreach (self::NOT_YET as $field => $what) {
            $node->refuse($field, $what, self::HARMLESS[$field] ?? null);
        }
        $containment = $this->containment($node);
        $kind = $this->kind($node);

        return new Coat(
            $node->text('id'),
            $this->reference($node, 'piece', $this->pieces),
            $this->reference($node, 'resin', $this->resins),
            $kind,
            $containment,
            $this->thickness($node->object('size_by'), $containment, $this->known($node, 'piece', $this->pieces), $this->known($node, 'resin', $this->resins)),
            $node->numberOr('texture', 1, 0.1, 10),
            $node->numberOr('coverage_pct', 100, 0.1, 100, '%'),
            $node->numberOr('edge_film_mm', 0.25, 0.01, 500, 'mm'),
            $node->numberOr('runoff_pct', 10, 0, 100, '%'),
            $node->wholeOr('cups', 1, 1, 10_000),
            $node->optionalNumber('residue_ml_per_cup', 0, 10_000, 'ml'),
            $node->numberOr('age_min', 0, 0, 600_000, 'min'),
            $node->numberOr('mark_mm', $kind->markMm(), 0.1, 10_000, 'mm'),
        );
    }

    private function kind(Node $node): CoatKind
    {
        if ($node->raw('kind') === 'dome') {
            $node->fault('kind', 'A dome cannot be computed yet: write seal, base, flood, layer, skim, top or back.');

            return CoatKind::Flood;
        }

        return $node->choice('kind', CoatKind::class, CoatKind::Flood) ?? CoatKind::Flood;
    }

    private function containment(Node $node): Containment
    {
        $containment = $node->raw('containment') ?? 'open';
        if ($containment === 'dammed' || $containment === 'placed') {
            $node->fault('containment', sprintf('A coat that is %s cannot be computed yet: write open or held.', $containment));

            return Containment::Open;
        }
        $known = is_string($containment) ? Containment::tryFrom($containment) : null;
        if ($known === null) {
            $node->fault('containment', 'Write open, held, dammed or placed.');
        }

        return $known ?? Containment::Open;
    }

    private function thickness(Node $size, Containment $containment, ?Piece $piece, ?ResinSheet $resin): Sourced
    {
        foreach (self::OTHER_SIZES as $field) {
            $size->refuse($field, 'Sizing a coat this way');
            if ($size->has($field)) {
                return Sourced::assumed(1.0);
            }
        }

        if (! $size->has('edge_angle_deg')) {
            return $size->number('thickness_mm', 0.01, 500, 'mm');
        }
        if ($size->has('thickness_mm')) {
            $size->faultHere('Write thickness_mm or edge_angle_deg, not both.');
        }
        if ($containment !== Containment::Held) {
            $size->fault('edge_angle_deg', 'Only a held coat is sized by its edge angle: write thickness_mm, or containment held.');
        }
        $angle = $size->number('edge_angle_deg', 1, 180, '°');
        if ($piece === null || $resin === null) {
            return Sourced::assumed(1.0);
        }

        return Sourced::from(
            Puddle::meetingAt($piece->outline->effectiveRadiusMm(), $angle->value, $resin->liquid()->capillaryLengthMm())->meanMm(),
            Origin::Computed,
        );
    }

    /**
     * @template T
     *
     * @param  array<string, T>  $known
     * @return T|null
     */
    private function known(Node $node, string $field, array $known): mixed
    {
        $id = $node->raw($field);

        return is_string($id) ? $known[$id] ?? null : null;
    }

    /** @param  array<string, mixed>  $known */
    private function reference(Node $node, string $field, array $known): string
    {
        $id = $node->text($field);
        if ($id !== '' && ! isset($known[$id])) {
            $node->fault($field, sprintf('There is no %s with the id "%s" in this plan.', $field, mb_substr($id, 0, 40)));
        }

        return $id;
    }
}
