<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Reading;

use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Heat\Bath;
use OpenGlaze\Core\Measuring\MeasuredBy;
use OpenGlaze\Core\Measuring\StraightCup;
use OpenGlaze\Core\Measuring\UnknownCup;
use OpenGlaze\Core\Measuring\Vessel;
use OpenGlaze\Core\Measuring\VesselException;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Plan\Batch;
use OpenGlaze\Core\Plan\Coat;
use OpenGlaze\Core\Plan\Faults;
use OpenGlaze\Core\Plan\MeasuredHow;
use OpenGlaze\Core\Plan\MixedIn;
use OpenGlaze\Core\Plan\Piece;
use OpenGlaze\Core\Plan\Pouring;
use OpenGlaze\Core\Plan\StirredIn;
use OpenGlaze\Core\Plan\Thinner;
use OpenGlaze\Core\Plan\VesselSheet;
use OpenGlaze\Core\Quantity\Origin;
use stdClass;

/** Reads vessels, and batches that are mixed in them. */
final readonly class BatchReader
{
    private const MOST_CUPS = 10_000;

    private const MOST_LIFTS = 1000;

    /**
     * @param  array<string, Coat>  $coats
     * @param  array<string, Piece>  $pieces
     * @param  array<string, VesselSheet>  $vessels
     */
    public function __construct(
        private array $coats,
        private array $pieces,
        private array $vessels,
        private ColourReader $colours,
    ) {
    }

    /** One on the shelf; null where it cannot be read. */
    public static function saved(Entry $sheet): ?VesselSheet
    {
        $faults = new Faults;
        $vessel = self::vessel(new Node($sheet->raw(), '', $faults, Origin::Entered));

        return $faults->any() ? null : $vessel;
    }

    public static function vessel(Node $node): ?VesselSheet
    {
        $mm = static fn (string $field): float => $node->number($field, 0.1, 10_000, 'mm')->value;
        $id = $node->text('id');
        try {
            return new VesselSheet(
                $id,
                $node->textOr('name', $id),
                Vessel::of($mm('bottom_mm'), $mm('top_mm'), $mm('height_mm'), $node->numberOr('floor_radius_mm', 0, 0, 10_000, 'mm')->value),
                $node->optionalNumber('graduation_ml', 0.01, 10_000, 'ml')?->value,
                $node->optionalNumber('weight_g', 0, 100_000, 'g')?->value,
                $node->has('material') ? $node->text('material') : null,
                $node->has('have') ? $node->wholeOr('have', 1, 0, self::MOST_CUPS) : null,
            );
        } catch (VesselException $exception) {
            $node->fault('floor_radius_mm', $exception->said);

            return null;
        }
    }

    /**
     * A coat is poured from one batch only, unless their counts share it out; each lift by itself.
     *
     * @param  list<Node>  $nodes  of the batches
     */
    public function refuseTwice(array $nodes): void
    {
        $poured = [];
        foreach ($nodes as $node) {
            $lift = $node->raw('lift');
            $counts = $node->raw('counts');
            foreach (is_array($node->raw('coats')) ? array_values($node->raw('coats')) : [] as $at => $id) {
                $coat = is_string($id) ? $this->coats[$id] ?? null : null;
                if ($coat === null) {
                    continue;
                }
                $all = $this->pieces[$coat->pieceId]->quantity ?? 1;
                $count = $counts instanceof stdClass ? $counts->{$coat->id} ?? $all : $all;
                $key = $coat->id.' '.(is_int($lift) ? $lift : 1);
                $poured[$key] = ($poured[$key] ?? 0) + (is_int($count) ? $count : $all);
                if ($poured[$key] > $all && $poured[$key] > $count) {
                    $node->faultAtEntry('coats', $at, Message::of('plan.more_than_there_are', poured: $poured[$key], coat: $coat->id, all: $all));
                }
            }
        }
    }

    public function read(Node $node): ?Batch
    {
        $coats = $this->coatIds($node);
        $vessel = $node->has('vessel') ? $this->vessels[$node->text('vessel')] ?? null : null;
        if ($node->has('vessel') && $vessel === null) {
            $node->fault('vessel', Message::of('plan.no_vessel', id: $node->text('vessel')));
        }
        $diameter = $node->optionalNumber('cup_diameter_mm', 0.1, 10_000, 'mm');
        $measure = $this->measure($node, $vessel !== null || $diameter !== null);

        return $coats === [] ? null : new Batch(
            $node->text('id'),
            $coats,
            $this->counts($node, $coats),
            new MixedIn(
                $node->wholeOr('cups', 1, 1, self::MOST_CUPS),
                $vessel->shape ?? ($diameter === null ? new UnknownCup : new StraightCup($diameter->value)),
                $vessel?->id,
                $node->optionalNumber('residue_ml_per_cup', 0, 10_000, 'ml'),
                $node->optionalNumber('mixed_at_c', -10, 70, '°C'),
                $node->optionalNumber('emptied_min', 0, 10_000, 'min'),
                $this->bath($node),
            ),
            $measure,
            new StirredIn($this->colours->cups($node, $coats), $node->choice('thinned_with', Thinner::class, Thinner::None) ?? Thinner::None),
            $node->wholeOr('lift', 1, 1, self::MOST_LIFTS),
            $node->has('pouring') ? $node->choice('pouring', Pouring::class) : null,
        );
    }

    private function bath(Node $node): ?Bath
    {
        if (! $node->has('bath')) {
            return null;
        }
        $bath = $node->object('bath');
        [$from, $to, $celsius] = [$bath->number('from_min', 0, 10_000, 'min')->value, $bath->number('to_min', 0, 10_000, 'min')->value, $bath->number('bath_c', -10, 70, '°C')->value];
        if ($to <= $from) {
            $bath->fault('to_min', Message::of('plan.bath_ends_later'));
        }

        return new Bath($from, max($from, $to), $celsius);
    }

    /** @return list<string> */
    private function coatIds(Node $node): array
    {
        $written = $node->raw('coats');
        if (! is_array($written) || $written === []) {
            $node->fault('coats', $node->has('coats') ? Message::of('plan.coats_of_batch') : Message::of('plan.missing'));

            return [];
        }
        $ids = [];
        foreach (array_values($written) as $index => $id) {
            $coat = is_string($id) ? $this->coats[$id] ?? null : null;
            if ($coat === null) {
                $node->faultAtEntry('coats', $index, Message::of('plan.no_coat', id: is_scalar($id) ? (string) $id : '…'));
            } elseif (in_array($coat->id, $ids, true)) {
                $node->faultAtEntry('coats', $index, Message::of('plan.coat_twice', coat: $coat->id));
            } elseif ($ids !== [] && $coat->resinId !== $this->coats[$ids[0]]->resinId) {
                $node->faultAtEntry('coats', $index, Message::of('plan.other_resin', resin: $coat->resinId, first: $this->coats[$ids[0]]->resinId));
            } else {
                $ids[] = $coat->id;
            }
        }

        return $ids;
    }

    /**
     * @param  list<string>  $coats
     * @return array<string, int>
     */
    private function counts(Node $node, array $coats): array
    {
        if (! $node->has('counts')) {
            return [];
        }
        $counts = [];
        $written = $node->object('counts');
        foreach (array_keys((array) ($node->raw('counts') instanceof stdClass ? $node->raw('counts') : [])) as $id) {
            if (in_array((string) $id, $coats, true)) {
                $all = $this->pieces[$this->coats[(string) $id]->pieceId]->quantity ?? 1;
                $counts[(string) $id] = $written->wholeOr((string) $id, $all, 1, $all);
            } else {
                $written->fault((string) $id, Message::of('plan.coat_not_in_batch'));
            }
        }

        return $counts;
    }

    private function measure(Node $node, bool $cupIsKnown): MeasuredHow
    {
        if (! $node->has('measure')) {
            return new MeasuredHow;
        }
        $measure = $node->object('measure');
        $by = $measure->choice('by', MeasuredBy::class);
        if ($by === MeasuredBy::PenLines && ! $cupIsKnown) {
            $measure->fault('by', Message::of('plan.marks_need_cup'));
        }

        return new MeasuredHow($by, match ($by) {
            MeasuredBy::Cups, MeasuredBy::OneCup, MeasuredBy::Fills => $measure->number('graduation_ml', 0.01, 10_000, 'ml'),
            MeasuredBy::Scale, MeasuredBy::ScaleUntared => $measure->number('resolution_g', 0.0001, 1000, 'g'),
            MeasuredBy::PenLines, null => null,
        }, $by === MeasuredBy::Fills ? $measure->number('fill_ml', 0.01, 10_000, 'ml')->value : null);
    }
}
