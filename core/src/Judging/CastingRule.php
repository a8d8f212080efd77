<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Remedy;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Plan\CoatKind;

/** Recesses, lips and moulds: what stands too high, what is too much, and what comes in the wrong order. */
final class CastingRule implements CoatRule
{
    private const ROUNDING = 1e-6;

    public function judge(CoatResult $result): array
    {
        return [...$this->wall($result), ...$this->mould($result), ...$this->order($result)];
    }

    /** @return list<Advice> */
    private function wall(CoatResult $result): array
    {
        $case = $result->case;
        $wall = $case->piece->rim->recessMm ?? $case->piece->rim->lipMm;
        $top = $case->ground->belowMm + ($case->thicknessMm->value ?? 0.0);
        if ($wall === null || ! $case->coat->isDammed() || $case->thicknessMm === null || $top <= $wall->value + self::ROUNDING) {
            return [];
        }

        $room = max(0.0, $wall->value - $case->ground->belowMm);

        return [Advice::caution(Topic::Thickness, Message::of(
            'advice.lip_too_low',
            most: Measure::thickness($room),
            rim: Measure::thickness($wall->value),
            coats: Measure::thickness($top),
        ), ...($room >= 0.01 ? [Remedy::film(floor($room * 1000) / 1000)] : []))];
    }

    /** @return list<Advice> */
    private function mould(CoatResult $result): array
    {
        $case = $result->case;
        $holds = $case->piece->holdsMl();
        if ($holds === null || ! $case->coat->isDammed() || $case->ground->takenMl + $case->sized->filmMl <= $holds * (1 + self::ROUNDING)) {
            return [];
        }

        return [Advice::caution(Topic::Thickness, Message::of(
            'advice.clips_mould',
            most: Measure::volume(max(0.0, $holds - $case->ground->takenMl)),
            holds: Measure::volume($holds),
            taken: Measure::volume($case->ground->takenMl),
        ))];
    }

    /** @return list<Advice> */
    private function order(CoatResult $result): array
    {
        $case = $result->case;
        if (! $case->piece->rim->faceDown) {
            return [];
        }
        if ($case->coat->kind === CoatKind::Back && $case->isFirstCoat()) {
            return [Advice::caution(Topic::Surface, Message::of('advice.face_down_order.face_first'))];
        }
        if (($case->coat->kind === CoatKind::Top || $case->coat->kind === CoatKind::Dome) && ! $case->coat->ground->turnFirst) {
            return [Advice::caution(Topic::Surface, Message::of('advice.face_down_order.turn_first'))];
        }
        if ($case->ground->below?->kind === CoatKind::Back && ! $case->coat->ground->turnFirst) {
            return [Advice::caution(Topic::Surface, Message::of('advice.face_down_order.back_last'))];
        }

        return [];
    }
}
