<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Quantity\Origin;
use OpenGlaze\Core\Quantity\Sourced;

/** Reads one coat; knows which pieces and resins there are. */
final readonly class CoatReader
{
    private const MOST_INCLUSIONS = 1_000;

    private const MOST_PARTS = 100;

    private const MOST_STEPS = 200;

    /** How far the shares of a coat's parts may miss 100 %. */
    private const SHARES_NEAR = 0.5;

    /**
     * @param  array<string, Piece>  $pieces
     * @param  array<string, ResinSheet>  $resins
     */
    public function __construct(
        private array $pieces,
        private array $resins,
        private Studio $studio,
    ) {
    }

    public function read(Node $node): Coat
    {
        $kind = $node->choice('kind', CoatKind::class, CoatKind::Flood) ?? CoatKind::Flood;
        $containment = $this->containment($node, $kind);
        $piece = $this->reference($node, 'piece', $this->pieces);

        return new Coat(
            $node->text('id'),
            $piece,
            $this->reference($node, 'resin', $this->resins),
            $kind,
            $containment,
            $this->size($node->object('size_by'), $containment),
            $node->numberOr('texture', 1, 0.1, 10),
            $node->numberOr('coverage_pct', 100, 0.1, 100, '%'),
            $node->has('zone') ? (new ZoneReader)->read($node->object('zone')) : null,
            $node->numberOr('edge_film_mm', 0.25, 0.01, 500, 'mm'),
            $node->numberOr('runoff_pct', 10, 0, 100, '%'),
            $node->wholeOr('cups', 1, 1, 10_000),
            $node->has('cups') ? Origin::Entered : Origin::Assumed,
            $node->optionalNumber('residue_ml_per_cup', 0, 10_000, 'ml'),
            $node->numberOr('age_min', 0, 0, 600_000, 'min'),
            $node->numberOr('mark_mm', $kind->markMm(), 0.1, 10_000, 'mm'),
            $node->optionalNumber('relief_mm', 0.01, 500, 'mm'),
            $node->numberOr('displaced_ml', 0, 0, 1_000_000, 'ml'),
            array_map((new InclusionReader($this->studio->voidFraction))->read(...), $node->objects('inclusions', self::MOST_INCLUSIONS)),
            $node->choice('laying', Laying::class, Laying::Centre) ?? Laying::Centre,
            $this->parts($node),
            $containment === Containment::Dammed ? $this->dam($node, $this->pieces[$piece] ?? null) : null,
            $node->boolOr('tape_underside', false),
            $node->choice('over_hard', OverHard::class, OverHard::Sand) ?? OverHard::Sand,
            $node->boolOr('after_oil', false),
            $node->boolOr('turn_first', false),
            $node->has('dry_media') ? $node->text('dry_media') : null,
            array_map($this->step(...), $node->objects('steps', self::MOST_STEPS)),
        );
    }

    /** A dome is held unless it says otherwise; and it cannot be anything else. */
    private function containment(Node $node, CoatKind $kind): Containment
    {
        $default = $kind === CoatKind::Dome ? Containment::Held : Containment::Open;
        $containment = $node->choice('containment', Containment::class, $default) ?? $default;
        if ($kind === CoatKind::Dome && $containment !== Containment::Held) {
            $node->fault('containment', 'A dome is held at its edge: write held, or another kind of coat.');
        }

        return $containment;
    }

    private function size(Node $node, Containment $containment): Size
    {
        $given = array_values(array_filter(SizeBy::cases(), static fn (SizeBy $by): bool => $node->has($by->value)));
        if ($given === []) {
            $node->fault(SizeBy::Thickness->value, 'This field is missing.');
        }
        $by = $given[0] ?? SizeBy::Thickness;
        if (count($given) > 1) {
            $node->faultHere(sprintf('Write one of %s, not several.', implode(' and ', array_map(static fn (SizeBy $by): string => $by->value, $given))));
        }
        if ($by === SizeBy::EdgeAngle && $containment !== Containment::Held) {
            $node->fault($by->value, 'Only a held coat is sized by its edge angle: write thickness_mm, or containment held.');
        }
        if ($by === SizeBy::Stays && $containment !== Containment::Open) {
            $node->fault($by->value, 'Only a film that is flooded over the edge loses some: write thickness_mm, or containment open.');
        }
        if (in_array($by, [SizeBy::TotalDepth, SizeBy::RestLeavingMm, SizeBy::RestLeavingMl], true) && $containment !== Containment::Dammed) {
            $node->fault($by->value, 'Only a dammed coat is sized by its depth: write thickness_mm, or containment dammed.');
        }
        $counted = $node->choice('counted', Counted::class, Counted::Laid) ?? Counted::Laid;
        if ($counted === Counted::Mixed && ! $by->canBeMixed()) {
            $node->fault('counted', 'Only ml_per_cm2 and ml_per_piece can be counted as mixed.');
        }
        [$least, $most, $unit] = $by->range();

        $value = $node->has($by->value) ? $node->number($by->value, $least, $most, $unit) : Sourced::assumed($least);

        // nobody said it yet: what such a coat usually is
        return new Size($by, $node->boolOr('usual', false) ? Sourced::assumed($value->value) : $value, $counted);
    }

    /** A mould's wall and a tray's lip hold what is poured into them; elsewhere a frame is taken. */
    private function dam(Node $node, ?Piece $piece): ?Dam
    {
        return $node->choice('dam', Dam::class, match ($piece?->kind) {
            PieceKind::Mould, PieceKind::Casting => Dam::Mould,
            PieceKind::Tray, PieceKind::Bezel => Dam::Lip,
            default => Dam::Frame,
        });
    }

    /** @return list<Part> */
    private function parts(Node $node): array
    {
        $parts = [];
        foreach ($node->objects('parts', self::MOST_PARTS) as $part) {
            $parts[] = new Part(
                $part->textOr('colour', 'clear'),
                $part->number('share_pct', 0.1, 100, '%')->value,
                $part->has('laying') ? $part->choice('laying', Laying::class) : null,
            );
        }
        $sum = array_sum(array_map(static fn (Part $part): float => $part->sharePct, $parts));
        if ($parts !== [] && abs($sum - 100) > self::SHARES_NEAR) {
            $node->fault('parts', sprintf('The shares add up to %s %%: make them 100 %%.', round($sum, 1)));
        }

        return $parts;
    }

    private function step(Node $node): Step
    {
        $own = $node->has('text');
        $state = $node->choice('state', StepState::class, StepState::Open) ?? StepState::Open;
        $reason = $node->has('reason') ? $node->text('reason') : null;
        if ($state === StepState::Skipped && $reason === null) {
            $node->fault('reason', 'Say why this step is skipped.');
        }

        return new Step($own ? $node->textOr('step', '') : $node->text('step'), $state, $reason, $own ? $node->text('text') : null, $node->boolOr('after', false));
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
