<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Batch;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Colour\Colourant;
use OpenGlaze\Core\Colour\Flammable;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;

/** What is to be said about the colours of one batch: limits, flow, and what travels with them into the film. */
final class ColourAdvisor
{
    /** Loose grains pack no closer than this part of the mix. */
    private const LOOSEST = 0.45;

    /** So much thicker than clear resin it hardly flows, and holds air. */
    private const FLOWS_UP_TO = 6.0;

    /** @return list<Advice> */
    public static function advise(BatchResult $result): array
    {
        $advice = [];
        $taken = array_sum(array_map(static fn (ColourShare $share): float => $share->resinMl, $result->coloured->shares));
        if ($taken > $result->mixed->portions->totalMl() * (1 + 1e-9)) {
            $advice[] = Advice::stop(Topic::Sheet, Message::of('advice.colours_over_batch', taken: Measure::volume($taken), mixed: Measure::volume($result->mixed->portions->totalMl())));
        }
        foreach ($result->coloured->shares as $share) {
            array_push($advice, ...self::limits($share, $result), ...self::filler($share, $result), ...self::flags($share));
        }

        return [...$advice, ...self::oil($result)];
    }

    /** @return list<Advice> */
    private static function limits(ColourShare $share, BatchResult $result): array
    {
        $limit = $result->resin->limits->colourantLimitPct;
        $watery = $result->resin->limits->wateryLimitPct;
        $over = match (true) {
            self::passes($share->colourantPct(), $limit->value) => ['colour', $share->colourantPct(), $limit->value, $result->resin->name, $limit->isAssumed()],
            self::passes($share->wateryPct(), $watery->value) => ['watery', $share->wateryPct(), $watery->value, $result->resin->name, $watery->isAssumed()],
            default => null,
        };
        $own = $share->overOwnLimit();
        if ($over === null && $own !== null) {
            $over = ['own', 100 * $own->ml() / $share->resinMl, $own->colourant->stuff->limitPct ?? 0.0, $own->colourant->name, false];
        }

        if ($over === null) {
            return [];
        }
        [$what, $holds, $takes, $name, $isAssumed] = $over;

        return [Advice::stop(Topic::Sheet, Message::of(
            'advice.colour_over_limit.'.$what,
            cup: $share->cup->name,
            holds: self::pct($holds),
            takes: self::pct($takes),
            name: $name,
            assumed: $isAssumed ? Message::of('advice.colour_over_limit.assumed') : null,
        ))];
    }

    /** @return list<Advice> */
    private static function filler(ColourShare $share, BatchResult $result): array
    {
        $pct = $share->fillerPct();
        if ($pct <= 0) {
            return [];
        }
        $limit = $result->resin->limits->fillerLimitPct?->value;
        if ($limit !== null && self::passes($pct, $limit)) {
            return [Advice::caution(Topic::Sheet, Message::of('advice.filler_over_limit.label', cup: $share->cup->name, holds: self::pct($pct), takes: self::pct($limit)))];
        }
        $thicker = self::thickerWith($pct);

        return $thicker <= self::FLOWS_UP_TO ? [] : [Advice::caution(Topic::Sheet, Message::of(
            is_finite($thicker) ? 'advice.filler_over_limit.thick' : 'advice.filler_over_limit.stiff',
            cup: $share->cup->name,
            holds: self::pct($pct),
            times: Measure::number(is_finite($thicker) ? $thicker : 0.0),
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
        $burning = self::first($share, static fn (Colourant $one): bool => $one->stuff->flammable->forbidsFlame());
        if ($burning !== null) {
            $advice[] = Advice::caution(Topic::Heat, Message::of(
                $burning->stuff->flammable === Flammable::Yes ? 'advice.no_flame.cup_burns' : 'advice.no_flame.cup_may_burn',
                cup: $share->cup->name,
                what: $burning->name,
            ));
        }
        if ($share->isStirredAgain()) {
            $advice[] = Advice::note(Topic::Sheet, Message::of('advice.stir_again', cup: $share->cup->name));
        }

        return $advice;
    }

    /** @return list<Advice> */
    private static function oil(BatchResult $result): array
    {
        $oily = array_filter($result->coloured->shares, static fn (ColourShare $share): bool => $share->hasOil());
        if ($oily === []) {
            return [];
        }
        $allOfIt = count($oily) === count($result->coloured->shares) && $result->clearMl() < 0.01 * $result->mixed->portions->totalMl();

        return [
            ...($allOfIt ? [Advice::caution(Topic::Sheet, Message::of('advice.oil_in_every_cup'))] : []),
            Advice::note(Topic::Surface, Message::of('advice.oil_film')),
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

    private static function pct(float $pct): Measure
    {
        return Measure::percent($pct, $pct < 10 ? 1 : 0);
    }
}
