<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Run;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Edge\WetEdge;
use OpenGlaze\Core\Film\TorchPlan;
use OpenGlaze\Core\Message\Message;

/** Resin that is added to a film that lies: one more pass where there is time for it, and wipes for the film as it then is. */
final class ToppingUp
{
    /**
     * How thick a film is once so much was added, mm; null where it has no face, or has stopped to flow.
     *
     * @param  CoatResult  $poured  as it was poured
     * @param  float  $atMin  min after the pour
     * @param  float  $ml  over all its pieces
     * @param  float  $pieces  how many these are
     */
    public static function thicknessMm(CoatResult $poured, float $atMin, float $ml, float $pieces): ?float
    {
        $case = $poured->case;
        $laid = $case->filmMm();
        $areaMm2 = $case->volume->coveredMm2 * $pieces;
        if ($laid === null || $areaMm2 <= 0 || $atMin >= $poured->film->flowing->flowsUntilMin) {
            return null;
        }
        $edge = $case->wetEdge();
        $lies = $edge === null ? $laid : self::liesMm($edge, $atMin);

        return $lies + $ml * 1000 / $areaMm2;
    }

    /**
     * What it wants from then on.
     *
     * @param  CoatResult  $is  the film as it is once it was added: so thick, and as old as it is by then
     * @param  string  $name  that tells this topping up from another
     * @param  float  $atMin  min after the pour
     * @param  bool  $passComes  whether a pass that was planned is still to come
     * @param  int  $passed  how often heat went over it already
     */
    public static function sequel(CoatResult $is, string $name, float $atMin, bool $passComes, int $passed = 0): Sequel
    {
        $closes = $is->film->torch->closesMin;
        $acts = [];
        foreach (Acts::of($is) as $act) {
            $isFirstPass = $act->kind === ActKind::Pass && $act->id === 'pass-1';
            $wanted = match ($act->kind) {
                // what was planned takes these bubbles out with the others
                ActKind::Pass => $isFirstPass && ! $passComes && $closes > Fill::LEAST_LEFT_MIN,
                ActKind::Wipe, ActKind::Cover => true,
                default => false,
            };
            if ($wanted) {
                $title = $isFirstPass ? Message::of('acts.pass.more') : $act->title;
                // more passes scar
                $how = $isFirstPass && $passed >= TorchPlan::PASSES ? Message::of('acts.pass.third', how: $act->how) : $act->how;
                $acts[] = new Act("$act->id-$name", $act->kind, $atMin + $act->dueMin, $title, $how, $act->lastsMin, $act->untilMin === null ? null : $atMin + $act->untilMin, $act->leftMl);
            }
        }

        return new Sequel($acts, [ActKind::Wipe, ActKind::Cover]);
    }

    /** What lies on the face by then, with what was poured to run off. */
    private static function liesMm(WetEdge $edge, float $atMin): float
    {
        return $edge->film->meanMm($edge->clock->mobilityAfter($atMin));
    }
}
