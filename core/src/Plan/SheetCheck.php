<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Quantity\Sourced;

/** Whether a data sheet can be right as it was typed, and what its silences cost. */
final class SheetCheck
{
    /** A coat's window opens long after it has stopped to flow. */
    private const MINUTES_PER_H = 60.0;

    /** Liquid resins and hardeners weigh between these, g/ml. */
    private const LIGHTEST_GML = 0.85;

    private const HEAVIEST_GML = 1.5;

    /** A hardener is seldom a smaller part than one in ten. */
    private const STEEPEST_RATIO = 10;

    /**
     * What is hard to believe, in plain words; each names what to look at again.
     *
     * @return list<Message>
     */
    public static function doubts(ResinSheet $sheet): array
    {
        $h = static fn (?float $hours): Measure => Measure::hours($hours ?? 0.0);
        $said = $sheet->stages->said();
        $before = static fn (?float $first, ?float $then): bool => $first !== null && $then !== null && $then < $first;
        [$from, $to, $sand, $handle, $full] = [$said->recoatFromH?->value, $said->recoatToH?->value, $said->sandFromH?->value, $said->handleH?->value, $said->fullCureH?->value];
        $open = $sheet->times->openMin->value;
        $doubts = [];
        if ($from !== null && $open > $from * self::MINUTES_PER_H) {
            $doubts[] = Message::of('sheets.doubts.still_flows', open: Measure::minutes($open), recoat: $h($from));
        }
        if ($before($to, $sand)) {
            $doubts[] = Message::of('sheets.doubts.sanded_in_window', sand: $h($sand), until: $h($to));
        }
        if ($before($from, $handle)) {
            $doubts[] = Message::of('sheets.doubts.handled_before_coated', handle: $h($handle), recoat: $h($from));
        }
        if ($before($handle, $full)) {
            $doubts[] = Message::of('sheets.doubts.cured_before_handled', cured: $h($full), handle: $h($handle));
        }
        if ($sheet->times->potLifeMin !== null && $sheet->times->potLifeMin->value > $open) {
            $doubts[] = Message::of('sheets.doubts.pot_life_over_open', potLife: Measure::minutes($sheet->times->potLifeMin->value), open: Measure::minutes($open));
        }
        if ($sheet->times->mixMin !== null && $sheet->times->mixMin->value > $open / 2) {
            $doubts[] = Message::of('sheets.doubts.long_stir');
        }

        return [...$doubts, ...self::ratio($sheet), ...self::densities($sheet)];
    }

    /**
     * What the label does not say, and which answers that costs.
     *
     * @return list<Message>
     */
    public static function silences(ResinSheet $sheet): array
    {
        $said = $sheet->stages->said();
        $costs = [
            [$said->recoatFromH, self::taken('recoat_from', $sheet->stages->recoatFromH)],
            [$said->recoatToH, self::taken('recoat_to', $sheet->stages->recoatToH)],
            [$said->sandFromH, self::taken('sand_from', $sheet->stages->sandFromH)],
            [$said->handleH, self::taken('handle', $sheet->stages->handleH)],
            [$said->fullCureH, self::taken('full_cure', $sheet->stages->fullCureH)],
            [$sheet->limits->maxPourMm ?? $sheet->parts->catalyst, $sheet->typicalDepthMm() === null ? Message::of('sheets.silences.max_pour') : Message::of('sheets.silences.typical_depth', depth: Measure::thickness($sheet->typicalDepthMm()))],
            [$sheet->times->mixMin, Message::of('sheets.silences.mix')],
            [$sheet->times->potLifeMin, Message::of('sheets.silences.pot_life')],
            [$sheet->parts->densityBGMl, Message::of('sheets.silences.density_b')],
            [self::known($sheet->flow->viscosityPaS), Message::of('sheets.silences.viscosity', viscosity: Measure::number($sheet->flow->viscosityPaS->value, 2))],
            [self::known($sheet->times->referenceC), Message::of('sheets.silences.reference', reference: Measure::temperature($sheet->times->referenceC->value))],
            [$sheet->weighedOffPct() > 0 ? null : true, Message::of('sheets.silences.densities', off: Measure::percent($sheet->weighedOffPct(), 1))],
        ];

        return array_values(array_map(static fn (array $cost): Message => $cost[1], array_filter($costs, static fn (array $cost): bool => $cost[0] === null)));
    }

    /** What a silence costs, and the time that is taken in its place. */
    private static function taken(string $stage, ?Sourced $hours): Message
    {
        return $hours === null ? Message::of('sheets.silences.'.$stage) : Message::of('sheets.silences.typical', what: Message::of('labels.'.$stage), hours: Measure::hours($hours->value));
    }

    /** The value itself where the label gives it. */
    private static function known(Sourced $value): ?Sourced
    {
        return $value->isAssumed() ? null : $value;
    }

    /** @return list<Message> */
    private static function ratio(ResinSheet $sheet): array
    {
        if ($sheet->parts->catalyst !== null) {
            return [];
        }
        $ratio = $sheet->mixture()->ratio;
        [$a, $b] = [Measure::number($ratio->a, 2), Measure::number($ratio->b, 2)];
        if ($ratio->b > $ratio->a) {
            return [Message::of('sheets.doubts.more_of_b', a: $a, b: $b)];
        }

        return $ratio->a > self::STEEPEST_RATIO * $ratio->b ? [Message::of('sheets.doubts.steep_ratio', a: $a, b: $b)] : [];
    }

    /** @return list<Message> */
    private static function densities(ResinSheet $sheet): array
    {
        if ($sheet->parts->densityAGMl->value === 1.0 && $sheet->parts->densityBGMl?->value === 1.0) {
            return [Message::of('sheets.doubts.weighs_as_water')];
        }
        foreach (['A' => $sheet->parts->densityAGMl->value, 'B' => $sheet->parts->densityBGMl?->value] as $part => $density) {
            if ($density !== null && ($density < self::LIGHTEST_GML || $density > self::HEAVIEST_GML)) {
                return [Message::of('sheets.doubts.density', part: $part, density: Measure::number($density, 2), lightest: Measure::number(self::LIGHTEST_GML, 2), heaviest: Measure::number(self::HEAVIEST_GML, 1))];
            }
        }

        return [];
    }
}
