<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Batch;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Colour\Colourant;
use OpenGlaze\Core\Colour\Flammable;
use OpenGlaze\Core\Quantity\Wording;

/** What is to be said about the colours of one batch: limits, flow, and what travels with them into the film. */
final class ColourAdvisor
{
    /** Loose grains pack no closer than this part of the mix. */
    private const LOOSEST = 0.45;

    /** So much thicker than clear resin it hardly flows, and holds air. */
    private const FLOWS_UP_TO = 6.0;

    /** @return list<Advice> */
    public static function advise(BatchResult $result, Wording $say): array
    {
        $advice = [];
        $taken = array_sum(array_map(static fn (ColourShare $share): float => $share->resinMl, $result->colours));
        if ($taken > $result->mix->totalMl() * (1 + 1e-9)) {
            $advice[] = Advice::stop('colours_over_batch', Topic::Sheet, sprintf(
                'The colour cups take %s, and only %s are mixed: split less off, or mix more.',
                $say->volume($taken), $say->volume($result->mix->totalMl()),
            ));
        }
        foreach ($result->colours as $share) {
            array_push($advice, ...self::limits($share, $result), ...self::filler($share, $result), ...self::flags($share));
        }

        return [...$advice, ...self::oil($result)];
    }

    /** @return list<Advice> */
    private static function limits(ColourShare $share, BatchResult $result): array
    {
        $limit = $result->resin->colourantLimitPct;
        $watery = $result->resin->wateryLimitPct;
        $over = match (true) {
            self::passes($share->colourantPct(), $limit->value) => sprintf('it holds %s %% colour, and %s takes %s %%%s', self::pct($share->colourantPct()), $result->resin->name, self::pct($limit->value), $limit->isAssumed() ? ' (assumed: see its label)' : ''),
            self::passes($share->wateryPct(), $watery->value) => sprintf('it holds %s %% watery colour, and %s takes %s %% of that%s', self::pct($share->wateryPct()), $result->resin->name, self::pct($watery->value), $watery->isAssumed() ? ' (assumed: see its label)' : ''),
            default => null,
        };
        $own = $share->overOwnLimit();
        if ($over === null && $own !== null) {
            $over = sprintf('%s is %s %% of it, and its label allows %s %%', $own->colourant->name, self::pct(100 * $own->ml() / $share->resinMl), self::pct($own->colourant->limitPct ?? 0.0));
        }

        return $over === null ? [] : [Advice::stop('colour_over_limit', Topic::Sheet, sprintf('Less colour in "%s": %s. Past it the film stays soft.', $share->cup->name, $over))];
    }

    /** @return list<Advice> */
    private static function filler(ColourShare $share, BatchResult $result): array
    {
        $pct = $share->fillerPct();
        if ($pct <= 0) {
            return [];
        }
        $limit = $result->resin->fillerLimitPct?->value;
        if ($limit !== null && self::passes($pct, $limit)) {
            return [Advice::caution('filler_over_limit', Topic::Sheet, sprintf('Less filler in "%s": it holds %s %%, and its maker names %s %%.', $share->cup->name, self::pct($pct), self::pct($limit)))];
        }
        $thicker = self::thickerWith($pct);

        return $thicker <= self::FLOWS_UP_TO ? [] : [Advice::caution('filler_over_limit', Topic::Sheet, sprintf(
            'Less filler in "%s": with %s %% it is %s as thick as clear resin, and holds its air. An estimate.',
            $share->cup->name, self::pct($pct), is_finite($thicker) ? Wording::number($thicker, 0).' times' : 'many times',
        ))];
    }

    /**
     * How many times as thick resin gets with so much filler, per cent by volume of resin.
     *
     * Source: Krieger and Dougherty (1959), intrinsic viscosity 2.5; an estimate for flakes.
     */
    private static function thickerWith(float $pct): float
    {
        $share = $pct / (100 + $pct);

        return $share >= self::LOOSEST ? INF : (1 - $share / self::LOOSEST) ** (-2.5 * self::LOOSEST);
    }

    /** @return list<Advice> */
    private static function flags(ColourShare $share): array
    {
        $advice = [];
        $burning = self::first($share, static fn (Colourant $one): bool => $one->flammable->forbidsFlame());
        if ($burning !== null) {
            $advice[] = Advice::caution('no_flame', Topic::Heat, sprintf(
                'No flame over anything that "%s" is poured on: %s %s. Extracted or outdoors, no sparks.',
                $share->cup->name, $burning->name, $burning->flammable === Flammable::Yes ? 'is flammable' : 'may be flammable',
            ));
        }
        if ($share->isStirredAgain()) {
            $advice[] = Advice::note('stir_again', Topic::Sheet, sprintf('Stir "%s" once more just before it is poured: grains settle.', $share->cup->name));
        }

        return $advice;
    }

    /** @return list<Advice> */
    private static function oil(BatchResult $result): array
    {
        $oily = array_filter($result->colours, static fn (ColourShare $share): bool => $share->hasOil());
        if ($oily === []) {
            return [];
        }
        $allOfIt = count($oily) === count($result->colours) && $result->clearMl() < 0.01 * $result->mix->totalMl();

        return [
            ...($allOfIt ? [Advice::caution('oil_in_every_cup', Topic::Sheet, 'Leave the oil out of some cups: in all of them it makes mud, not cells.')] : []),
            Advice::note('oil_film', Topic::Surface, 'With oil in it the next coat has no window: let this one harden, wipe, sand and wash it first.'),
        ];
    }

    /** @param  callable(Colourant): bool  $which */
    private static function first(ColourShare $share, callable $which): ?Colourant
    {
        foreach ($share->doses as $dose) {
            if ($which($dose->colourant)) {
                return $dose->colourant;
            }
        }

        return null;
    }

    private static function passes(float $pct, float $limit): bool
    {
        return $pct > $limit * (1 + 1e-9);
    }

    private static function pct(float $pct): string
    {
        return Wording::number($pct, $pct < 10 ? 1 : 0);
    }
}
