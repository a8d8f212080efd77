<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Reading;

use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Plan\AskedFilm;
use OpenGlaze\Core\Plan\Coat;
use OpenGlaze\Core\Plan\CoatEdge;
use OpenGlaze\Core\Plan\CoatKind;
use OpenGlaze\Core\Plan\Containment;
use OpenGlaze\Core\Plan\Counted;
use OpenGlaze\Core\Plan\Coverage;
use OpenGlaze\Core\Plan\Dam;
use OpenGlaze\Core\Plan\Ground;
use OpenGlaze\Core\Plan\Laying;
use OpenGlaze\Core\Plan\Manner;
use OpenGlaze\Core\Plan\OverHard;
use OpenGlaze\Core\Plan\OwnCup;
use OpenGlaze\Core\Plan\Part;
use OpenGlaze\Core\Plan\Piece;
use OpenGlaze\Core\Plan\PieceKind;
use OpenGlaze\Core\Plan\ResinSheet;
use OpenGlaze\Core\Plan\Size;
use OpenGlaze\Core\Plan\SizeBy;
use OpenGlaze\Core\Plan\Step;
use OpenGlaze\Core\Plan\StepState;
use OpenGlaze\Core\Plan\Studio;
use OpenGlaze\Core\Quantity\Origin;
use OpenGlaze\Core\Quantity\Sourced;

/** Reads one coat; knows which pieces and resins there are. */
final readonly class CoatReader
{
    private const MOST_INCLUSIONS = 1_000;

    private const MOST_PARTS = 100;

    private const MOST_LIFTS = 1_000;

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
            new AskedFilm(
                $containment,
                $this->size($node->object('size_by'), $containment),
                $this->coverage($node),
                $this->edge($node, $containment, $this->pieces[$piece] ?? null),
            ),
            $this->manner($node),
            $this->ground($node, $kind),
        );
    }

    private function coverage(Node $node): Coverage
    {
        return new Coverage(
            $node->numberOr('texture', 1, 0.1, 10),
            $node->numberOr('coverage_pct', 100, 0.1, 100, '%'),
            $node->has('zone') ? (new ZoneReader)->read($node->object('zone')) : null,
            $node->numberOr('displaced_ml', 0, 0, 1_000_000, 'ml'),
            array_map((new InclusionReader($this->studio->counts->voidFraction))->read(...), $node->objects('inclusions', self::MOST_INCLUSIONS)),
        );
    }

    private function edge(Node $node, Containment $containment, ?Piece $piece): CoatEdge
    {
        if ($node->has('dam') && $containment !== Containment::Dammed) {
            $node->fault('dam', Message::of('plan.dam_of_dammed'));
        }

        return new CoatEdge(
            $node->numberOr('edge_film_mm', 0.25, 0.01, 500, 'mm'),
            $node->numberOr('runoff_pct', 10, 0, 100, '%'),
            $containment === Containment::Dammed ? $this->dam($node, $piece) : null,
            $node->boolOr('tape_underside', false),
        );
    }

    private function manner(Node $node): Manner
    {
        return new Manner(
            $node->choice('laying', Laying::class, Laying::Centre) ?? Laying::Centre,
            $this->parts($node),
            $node->numberOr('age_min', 0, 0, 600_000, 'min'),
            $node->has('dry_media') ? $node->text('dry_media') : null,
            new OwnCup(
                $node->wholeOr('cups', 1, 1, 10_000),
                $node->has('cups') ? Origin::Entered : Origin::Assumed,
                $node->optionalNumber('residue_ml_per_cup', 0, 10_000, 'ml'),
            ),
            $node->optionalNumber('lift_interval_h', 0.1, 10_000, 'h'),
            $node->has('lifts') ? $node->wholeOr('lifts', 1, 1, self::MOST_LIFTS) : null,
        );
    }

    private function ground(Node $node, CoatKind $kind): Ground
    {
        return new Ground(
            $node->numberOr('mark_mm', $kind->markMm(), 0.1, 10_000, 'mm'),
            $node->optionalNumber('relief_mm', 0.01, 500, 'mm'),
            $node->choice('over_hard', OverHard::class, OverHard::Sand) ?? OverHard::Sand,
            $node->boolOr('after_oil', false),
            $node->boolOr('turn_first', false),
            array_map($this->step(...), $node->objects('steps', self::MOST_STEPS)),
        );
    }

    /** A dome is held unless it says otherwise; and it cannot be anything else. */
    private function containment(Node $node, CoatKind $kind): Containment
    {
        $default = $kind->needs() ?? Containment::Open;
        $containment = $node->choice('containment', Containment::class, $default) ?? $default;
        if ($kind->needs() !== null && $containment !== $kind->needs()) {
            $node->fault('containment', Message::of('plan.dome_is_held'));
        }

        return $containment;
    }

    private function size(Node $node, Containment $containment): Size
    {
        $given = array_values(array_filter(SizeBy::cases(), static fn (SizeBy $by): bool => $node->has($by->value)));
        if ($given === []) {
            $node->fault(SizeBy::Thickness->value, Message::of('plan.missing'));
        }
        $by = $given[0] ?? SizeBy::Thickness;
        if (count($given) > 1) {
            $node->faultHere(Message::of('plan.one_size', given: implode(' and ', array_map(static fn (SizeBy $by): string => $by->value, $given))));
        }
        $needs = $by->needs();
        if ($needs !== null && $containment !== $needs) {
            $node->fault($by->value, Message::of(match ($needs) {
                Containment::Held => 'plan.angle_of_held',
                Containment::Open => 'plan.stays_of_open',
                Containment::Dammed, Containment::Placed => 'plan.depth_of_dammed',
            }));
        }
        $counted = $node->choice('counted', Counted::class, Counted::Laid) ?? Counted::Laid;
        if ($counted === Counted::Mixed && ! $by->canBeMixed()) {
            $node->fault('counted', Message::of('plan.counted_mixed'));
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
            $node->fault('parts', Message::of('plan.part_shares', percent: Measure::number($sum, 1)));
        }

        return $parts;
    }

    private function step(Node $node): Step
    {
        $own = $node->has('text');
        $state = $node->choice('state', StepState::class, StepState::Open) ?? StepState::Open;
        $reason = $node->has('reason') ? $node->text('reason') : null;
        if ($state === StepState::Skipped && $reason === null) {
            $node->fault('reason', Message::of('plan.why_skipped'));
        }

        return new Step($own ? $node->textOr('step', '') : $node->text('step'), $state, $reason, $own ? $node->text('text') : null, $node->boolOr('after', false));
    }

    /** @param  array<string, mixed>  $known */
    private function reference(Node $node, string $field, array $known): string
    {
        $id = $node->text($field);
        if ($id !== '' && ! isset($known[$id])) {
            $node->fault($field, Message::of('plan.no_reference', what: $field, id: mb_substr($id, 0, 40)));
        }

        return $id;
    }
}
