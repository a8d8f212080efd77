<?php

declare(strict_types=1);

namespace App\Pouring;

use App\Models\Pour;
use OpenGlaze\Core\Answer\ShownMix;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Journal\Known;
use OpenGlaze\Core\Measuring\Mending;
use OpenGlaze\Core\Mix\Portions;

/** What a pour was planned to take beside what it took, and how it went. */
final class UsedBesidePlanned
{
    /** @return array<string, mixed> */
    public static function of(Pour $pour): array
    {
        $resin = self::resin($pour);
        $result = $pour->result();
        $leftMl = self::leftMl($pour);

        return [
            'planned' => self::plannedAndShown($pour),
            'used' => ['a_ml' => $pour->used_a_ml, 'b_ml' => $pour->used_b_ml, 'a_how' => $pour->used_a_how, 'b_how' => $pour->used_b_how],
            'more_ml' => self::moreMl($pour, $leftMl ?? 0.0),
            'off_pct' => self::offPct($pour),
            'tolerance_pct' => $resin->number('ratio_tolerance_pct') ?? 5.0,
            'in_cup' => self::inTheCup($pour),
            'tray_g' => $pour->tray_g,
            'left_g' => $pour->left_g,
            'left_ml' => $leftMl,
            'ran_off' => RanOff::said($pour),
            'added_ml' => $pour->added_ml,
            'density_a_g_ml' => self::density($pour, 'a'),
            'density_b_g_ml' => self::density($pour, 'b'),
            'resin' => $resin->text('name') ?? $resin->text('id') ?? '',
            'kind' => $pour->plan()->lastCoat()->kind(),
            'thickness_mm' => $result->thicknessMm(),
            'room' => $result->room(),
            'pour' => $result->pour(),
            'note' => $pour->note,
            'photo' => $pour->photo === null ? null : '/photos/'.$pour->photo,
            'override_reason' => $pour->override_reason,
        ];
    }

    /** What was to be weighed out: of a deep coat, this lift; of a batch, its share. */
    public static function planned(Pour $pour): Entry
    {
        return $pour->begun->facts->entry('share') ?? $pour->result()->mix($pour->lift);
    }

    /** @return array<string, mixed> */
    private static function plannedAndShown(Pour $pour): array
    {
        $planned = self::planned($pour);
        $mix = new Portions($planned->number('a_ml') ?? 0.0, $planned->number('b_ml') ?? 0.0, $planned->number('a_g') ?? 0.0, $planned->number('b_g'));

        $fields = [];
        foreach ($planned->fields() as $field => $value) {
            $fields[(string) $field] = $value;
        }

        return [...$fields, 'shown' => ShownMix::of($mix)];
    }

    /** Density of a part in g/ml as it was planned with; null where the label gives none. */
    public static function density(Pour $pour, string $part): ?float
    {
        [$g, $ml] = [self::planned($pour)->number($part.'_g'), self::planned($pour)->number($part.'_ml')];

        return $g === null || $ml === null || $ml <= 0 ? null : round($g / $ml, 6);
    }

    /**
     * What went into the cup, as one knows it; nothing planned is told as measured.
     *
     * @return array{known: string, by_volume: bool, a_ml: float|null, b_ml: float|null}
     */
    private static function inTheCup(Pour $pour): array
    {
        [$a, $b] = array_map(static fn (?float $ml, ?string $how): Known => $ml === null ? Known::Unknown : Known::tryFrom($how ?? '') ?? Known::Unknown, [$pour->used_a_ml, $pour->used_b_ml], [$pour->used_a_how, $pour->used_b_how]);
        $known = match (true) {
            ! $a->isMeasured() || ! $b->isMeasured() => Known::Planned,
            $a === Known::Read || $b === Known::Read => Known::Read,
            default => Known::Weighed,
        };
        $planned = self::planned($pour);

        return [
            'known' => $known->value,
            'by_volume' => $known === Known::Planned ? $pour->result()->weighedOffPct() > 0 : $known === Known::Read,
            'a_ml' => $known === Known::Planned ? $planned->number('a_ml') : $pour->used_a_ml,
            'b_ml' => $known === Known::Planned ? $planned->number('b_ml') : $pour->used_b_ml,
        ];
    }

    /** What of its cup was weighed back and is its own, ml: by its share of all that was to be poured from that cup; null where none was weighed. */
    public static function leftMl(Pour $pour): ?float
    {
        $planned = self::planned($pour);
        [$g, $ml] = [$planned->number('total_g') ?? 0.0, $planned->number('total_ml') ?? 0.0];
        if ($pour->left_g === null || $g <= 0 || $ml <= 0) {
            return null;
        }
        $cup = $pour->mixing_id === null ? [$pour] : Pour::query()->where('mixing_id', $pour->mixing_id)->with('begun')->get()->all();
        $all = array_sum(array_map(static fn (Pour $one): float => self::planned($one)->number('total_ml') ?? 0.0, $cup));

        return $pour->left_g * $ml / $g * $ml / $all;
    }

    /** What the cup of a pour weighed when it was weighed back with another that was poured from it, g; null where it was not. */
    public static function leftOfItsCup(Pour $pour): ?float
    {
        $left = $pour->mixing_id === null ? null : Pour::query()->where('mixing_id', $pour->mixing_id)->whereNotNull('left_g')->latest('written_at')->value('left_g');

        return $pour->left_g ?? (is_numeric($left) ? (float) $left : null);
    }

    /** What it took beyond the plan, in ml, without what was left in its cup; negative when it took less, null while a part is not known. */
    private static function moreMl(Pour $pour, float $leftMl): ?float
    {
        return $pour->used_a_ml === null || $pour->used_b_ml === null
            ? null
            : $pour->used_a_ml + $pour->used_b_ml - $leftMl - (self::planned($pour)->number('total_ml') ?? 0.0);
    }

    /** How far the ratio of what it took is off, per cent; null while a part is not known. */
    private static function offPct(Pour $pour): ?float
    {
        $planned = self::planned($pour);
        $a = $planned->number('a_ml') ?? 0.0;
        $b = $planned->number('b_ml') ?? 0.0;

        return $a > 0 && $b > 0 ? Mending::offPct($a, $b, $pour->used_a_ml ?? 0.0, $pour->used_b_ml ?? 0.0) : null;
    }

    /** The sheet of the resin that was poured, as it was then. */
    public static function resin(Pour $pour): Entry
    {
        $id = $pour->plan()->lastCoat()->text('resin');
        foreach ($pour->plan()->resins() as $resin) {
            if ($resin->text('id') === $id) {
                return $resin;
            }
        }

        return Entry::of();
    }
}
