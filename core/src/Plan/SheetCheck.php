<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Quantity\Sourced;
use OpenGlaze\Core\Quantity\Wording;

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
     * @return list<string>
     */
    public static function doubts(ResinSheet $sheet): array
    {
        $h = static fn (float $hours): string => Wording::number($hours, 1).' h';
        $before = static fn (?float $first, ?float $then): bool => $first !== null && $then !== null && $then < $first;
        [$from, $to, $sand, $handle, $full] = [$sheet->recoatFromH?->value, $sheet->recoatToH?->value, $sheet->sandFromH?->value, $sheet->handleH?->value, $sheet->fullCureH?->value];
        $open = $sheet->openMin->value;
        $doubts = [];
        if ($from !== null && $open > $from * self::MINUTES_PER_H) {
            $doubts[] = sprintf('It would still flow (%s min) when the next coat is due (%s): is the open time in minutes, and "recoat from" in hours?', Wording::number($open, 0), $h($from));
        }
        if ($before($to, $sand)) {
            $doubts[] = sprintf('It could be sanded (%s) while its window is open (until %s): resin that takes a coat is too soft to sand.', $h($sand ?? 0.0), $h($to ?? 0.0));
        }
        if ($before($from, $handle)) {
            $doubts[] = sprintf('It could be handled (%s) before it can be coated (%s).', $h($handle ?? 0.0), $h($from ?? 0.0));
        }
        if ($before($handle, $full)) {
            $doubts[] = sprintf('It would be fully cured (%s) before it can be handled (%s).', $h($full ?? 0.0), $h($handle ?? 0.0));
        }
        if ($sheet->potLifeMin !== null && $sheet->potLifeMin->value > $open) {
            $doubts[] = sprintf('Its pot life (%s min) is longer than its open time (%s min): a full cup sets before a thin film does.', Wording::number($sheet->potLifeMin->value, 0), Wording::number($open, 0));
        }
        if ($sheet->mixMin !== null && $sheet->mixMin->value > $open / 2) {
            $doubts[] = 'Stirring would take half of its open time: is the stirring time in minutes?';
        }

        return [...$doubts, ...self::ratio($sheet), ...self::densities($sheet)];
    }

    /**
     * What the label does not say, and which answers that costs.
     *
     * @return list<string>
     */
    public static function silences(ResinSheet $sheet, Wording $say = new Wording): array
    {
        $costs = [
            [$sheet->recoatFromH, 'Recoat from: when the next coat can go on, how it warms in its cup, how hot a deep pour gets.'],
            [$sheet->recoatToH, 'Recoat to: until when the next coat bonds without sanding.'],
            [$sheet->sandFromH, 'Sand from: when a missed window can be mended.'],
            [$sheet->handleH, 'Handle from: when the bench is free, when a piece can be turned or demoulded.'],
            [$sheet->fullCureH, 'Fully cured: when it can go out.'],
            [$sheet->maxPourMm ?? $sheet->catalyst, 'Deepest pour: deep pours are split by heat alone.'],
            [$sheet->mixMin, 'Stirring time: the stir is counted until it is clear, and mixing is left out of the evening.'],
            [$sheet->potLifeMin, 'Pot life: its heat is a usual one, not its own.'],
            [$sheet->densityBGMl, 'Density of part B: it cannot be weighed.'],
            [self::known($sheet->viscosityPaS), sprintf('Thickness: %s Pa·s, typical of its kind, is taken.', Wording::number($sheet->viscosityPaS->value, 2))],
            [self::known($sheet->referenceC), sprintf('The temperature its times are for: %s is taken.', $say->temperature($sheet->referenceC->value))],
            [$sheet->weighedOffPct() > 0 ? null : true, sprintf('Densities: typical ones are taken. Measure it by volume; weighed, the ratio may be off by up to %s %%.', Wording::number($sheet->weighedOffPct(), 1))],
        ];

        return array_values(array_map(static fn (array $cost): string => $cost[1], array_filter($costs, static fn (array $cost): bool => $cost[0] === null)));
    }

    /** The value itself where the label gives it. */
    private static function known(Sourced $value): ?Sourced
    {
        return $value->isAssumed() ? null : $value;
    }

    /** @return list<string> */
    private static function ratio(ResinSheet $sheet): array
    {
        if ($sheet->catalyst !== null) {
            return [];
        }
        $ratio = $sheet->mixture()->ratio;
        [$a, $b] = [Wording::number($ratio->a, 2), Wording::number($ratio->b, 2)];
        if ($ratio->b > $ratio->a) {
            return ["It takes more of B than of A ($a to $b): are they the right way round on the bottles?"];
        }

        return $ratio->a > self::STEEPEST_RATIO * $ratio->b ? ["It takes $a of A to $b of B: is that the whole ratio, both in the same unit?"] : [];
    }

    /** @return list<string> */
    private static function densities(ResinSheet $sheet): array
    {
        if ($sheet->densityAGMl->value === 1.0 && $sheet->densityBGMl?->value === 1.0) {
            return ['Both parts weigh as much as water: do the bottles name litres for kilograms? Weigh 100 ml of each, less the cup.'];
        }
        foreach (['A' => $sheet->densityAGMl->value, 'B' => $sheet->densityBGMl?->value] as $part => $density) {
            if ($density !== null && ($density < self::LIGHTEST_GML || $density > self::HEAVIEST_GML)) {
                return [sprintf('Part %s would weigh %s g a ml: resins weigh %s to %s. Weigh 100 ml of it, less the cup.', $part, Wording::number($density, 2), Wording::number(self::LIGHTEST_GML, 2), Wording::number(self::HEAVIEST_GML, 1))];
            }
        }

        return [];
    }
}
