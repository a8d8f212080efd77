<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Range;

use OpenGlaze\Core\Amount\Face;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Document\PlanDocument;
use OpenGlaze\Core\Heat\Curing;
use OpenGlaze\Core\Plan\PieceEdge;
use OpenGlaze\Core\Plan\Plan;
use OpenGlaze\Core\Plan\ResinSheet;
use OpenGlaze\Core\Plan\Studio;
use OpenGlaze\Core\Plan\Typical;
use OpenGlaze\Core\Plan\TypicalTimes;
use OpenGlaze\Core\Quantity\Sourced;

/** What a plan assumes, with the spread of each (95 %). What was measured, and a person's own choices, have none. */
final class Assumptions
{
    /**
     * @param  list<BatchResult>  $batches  as they are computed
     * @return list<Assumption>
     */
    public static function of(PlanDocument $document, Plan $plan, array $batches): array
    {
        $all = self::room($document->studio(), $plan->studio);
        $resins = $document->resins();
        foreach (array_values($plan->resins) as $at => $resin) {
            array_push($all, ...self::resin($resins[$at], $at, $resin, $plan->studio));
        }
        $pieces = $document->pieces();
        foreach (array_values($plan->pieces) as $at => $piece) {
            if ($pieces[$at]->value('soak_ml_m2') === null && $piece->face->soakMlPerM2->value > 0) {
                $all[] = new Assumption('pieces', $at, 'soak_ml_m2', $piece->face->soakMlPerM2->value, true, 0.5, 0, 10_000);
            }
            if ($pieces[$at]->value('edge_radius_mm') === null && $piece->coatedEdgeMm() > 0) {
                $all[] = new Assumption('pieces', $at, 'edge_radius_mm', $piece->edge->radiusMm->value, true, 0.5, 0, PieceEdge::MOST_RADIUS_MM);
            }
        }
        $coats = $document->coats();
        foreach ($plan->coats as $at => $coat) {
            $spec = $coats[$at];
            if (! $coat->isOpen()) {
                continue;
            }
            if ($spec->value('edge_film_mm') === null) {
                $all[] = new Assumption('coats', $at, 'edge_film_mm', $coat->asked->edge->filmMm->value, true, 0.4, 0.01, 500);
            }
            if ($spec->value('runoff_pct') === null && $coat->asked->edge->runoffPct->value > 0 && Face::of($plan->pieces[$coat->pieceId], $coat)->coatedEdgeMm > 0) {
                $all[] = new Assumption('coats', $at, 'runoff_pct', $coat->asked->edge->runoffPct->value, true, 0.6, 0, 100);
            }
        }

        $planned = $document->batches();
        foreach ($batches as $at => $batch) {
            if ($planned[$at]->value('emptied_min') === null && $batch->standing->emptiedMin > 0) {
                $all[] = new Assumption('batches', $at, 'emptied_min', $batch->standing->emptiedMin, true, 0.3, 0.001, 600_000);
            }
        }

        return $all;
    }

    /** @return list<Assumption> */
    private static function room(Entry $spec, Studio $studio): array
    {
        $all = [new Assumption('studio', 0, $spec->value('temperatures') !== null ? 'temperatures' : 'temperature_c', $studio->room->temperatures->at(0.0), false, 1.0, -10, 60)];
        if ($spec->value('advancing_angle_deg') === null) {
            $all[] = new Assumption('studio', 0, 'advancing_angle_deg', $studio->wetting->advancingAngleDeg->value, false, 8.0, 1, 180);
        }
        foreach ([
            'residue_film_mm' => [$studio->hands->residueFilmMm->value, 0.5, 0.01, 5.0],
            'heat_loss_w_m2_k' => [$studio->pace->heatLossWM2K->value, 0.3, 1.0, 100.0],
        ] as $field => [$value, $spread, $least, $most]) {
            if ($spec->value($field) === null) {
                $all[] = new Assumption('studio', 0, $field, $value, true, $spread, $least, $most);
            }
        }

        return $all;
    }

    /** @return list<Assumption> */
    private static function resin(Entry $spec, int $at, ResinSheet $resin, Studio $studio): array
    {
        $ratio = static fn (string $field, float $value, float $spread, float $least, float $most): Assumption => new Assumption('resins', $at, $field, $value, true, $spread, $least, $most);
        $all = [
            $ratio('viscosity_pa_s', $resin->flow->viscosityPaS->value, Typical::VISCOSITY_SPREAD, 0.01, 1000),
            $ratio('surface_tension_n_m', $resin->flow->surfaceTensionNM->value, 0.08, 0.001, 0.5),
            $ratio('activation_kj_mol', ($resin->setting->activationKjMol ?? $studio->pace->activationKjMol)->value, 0.15, 1, 300),
        ];
        foreach (self::labelTimes($resin) as $field => $time) {
            if ($time !== null) {
                $all[] = $ratio($field, $time->value, $time->isAssumed() ? TypicalTimes::SPREAD : 0.2, 0.001, str_ends_with($field, '_h') ? 10_000 : 600_000);
            }
        }
        // decided by the label's depth, and as unsure as any heat
        if ($resin->setting->layerHeatKjKg !== null) {
            $all[] = $ratio('layer_heat_kj_kg', $resin->setting->layerHeatKjKg->value, 0.2, 1, 2000);
        }
        if ($resin->setting->conductivityWMK->isAssumed()) {
            $all[] = $ratio('conductivity_w_m_k', $resin->setting->conductivityWMK->value, 0.25, 0.02, 20);
        }
        // a fitted heat varies through the pot life that it is fitted to
        if ($resin->setting->heatKjKg !== null || $resin->times->potLifeMin === null || $resin->times->potLifeMassG === null) {
            $all[] = $ratio('heat_kj_kg', $resin->setting->heatKjKg->value ?? Curing::HEAT_KJ_KG, 0.2, 1, 2000);
        }
        foreach (['density_a_g_ml' => $resin->parts->densityAGMl, 'density_b_g_ml' => $resin->parts->densityBGMl] as $field => $density) {
            if ($density?->isAssumed() === true) {
                $all[] = $ratio($field, $density->value, Typical::DENSITY_SPREAD, 0.5, 3);
            }
        }

        return $all;
    }

    /** @return array<string, Sourced|null> by field */
    private static function labelTimes(ResinSheet $resin): array
    {
        return [
            'open_min' => $resin->times->openMin, 'pot_life_min' => $resin->times->potLifeMin,
            'recoat_from_h' => $resin->stages->recoatFromH, 'recoat_to_h' => $resin->stages->recoatToH,
            'sand_from_h' => $resin->stages->sandFromH, 'handle_h' => $resin->stages->handleH, 'full_cure_h' => $resin->stages->fullCureH,
        ];
    }
}
