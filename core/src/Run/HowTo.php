<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Run;

use OpenGlaze\Core\Coating\AllowedHeat;
use OpenGlaze\Core\Coating\CoatCase;
use OpenGlaze\Core\Coating\NoFlame;
use OpenGlaze\Core\Film\HeatTool;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Plan\Dam;
use OpenGlaze\Core\Plan\Part;
use OpenGlaze\Core\Plan\ResinSheet;

/** How the hands do what comes before the film's clock: stirring and pouring. */
final class HowTo
{
    /** Slowly, for the maker's time where the label says one, in two cups. */
    public static function stir(ResinSheet $resin): Message
    {
        return $resin->times->mixMin === null
            ? Message::of('acts.stir.until_clear')
            : Message::of('acts.stir.minutes', time: Measure::minutes($resin->times->mixMin->value));
    }

    /** By its way of laying; a held film is pushed up to the rim, an open one over it, a dammed one into its corners. */
    public static function pour(CoatCase $case): Message
    {
        $laying = $case->coat->manner->laying;
        $isMould = $case->coat->asked->edge->dam === Dam::Mould;
        $first = Message::of($isMould ? 'acts.pour.mould' : "acts.pour.$laying->value");
        if ($laying->keepsItsShape()) {
            return $first;
        }

        return Message::of('acts.pour.both', first: $first, then: Message::of(match (true) {
            $case->coat->isHeld() => 'acts.pour.held',
            $case->coat->isDammed() => 'acts.pour.dammed',
            default => 'acts.pour.open',
        }));
    }

    /** One of the colours of a coat that is laid wet on wet; null where it is laid as the coat is. */
    public static function part(Part $part, CoatCase $case): ?Message
    {
        return $part->laying === null || $part->laying === $case->coat->manner->laying ? null : Message::named('acts.pour', $part->laying);
    }

    /** What a pass is done with, and why not with a flame where one is ruled out. */
    public static function heat(CoatCase $case): Message
    {
        $tool = AllowedHeat::over($case)->tool;
        $how = Message::named('acts.heat', $tool);
        $why = $tool === HeatTool::Flame ? null : NoFlame::reasons($case)[0] ?? null;
        $said = $why === null ? $how : Message::of('acts.heat.because', how: $how, why: $why->said('acts.no_flame.'));

        // it was washed with alcohol before
        return $case->isAfterOil() ? Message::of('acts.heat.because', how: $said, why: Message::of('acts.heat.after_oil')) : $said;
    }
}
