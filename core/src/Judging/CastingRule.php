<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Remedy;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Plan\CoatKind;
use OpenGlaze\Core\Quantity\Wording;

/** Recesses, lips and moulds: what stands too high, what is too much, and what comes in the wrong order. */
final class CastingRule implements Rule
{
    private const ROUNDING = 1e-6;

    public function judge(CoatResult $result, Wording $say): array
    {
        return [...$this->wall($result, $say), ...$this->mould($result, $say), ...$this->order($result)];
    }

    /** @return list<Advice> */
    private function wall(CoatResult $result, Wording $say): array
    {
        $case = $result->case;
        $wall = $case->piece->recessMm ?? $case->piece->lipMm;
        $top = $case->ground->belowMm + ($case->thicknessMm->value ?? 0.0);
        if ($wall === null || ! $case->coat->isDammed() || $case->thicknessMm === null || $top <= $wall->value + self::ROUNDING) {
            return [];
        }

        $room = max(0.0, $wall->value - $case->ground->belowMm);

        return [Advice::caution('lip_too_low', Topic::Thickness, sprintf(
            'Lay at most %s, or raise the rim: at its lowest it stands %s high, and the coats would stand %s.',
            $say->thickness($room),
            $say->thickness($wall->value),
            $say->thickness($top),
        ), ...($room >= 0.01 ? [Remedy::film(floor($room * 1000) / 1000)] : []))];
    }

    /** @return list<Advice> */
    private function mould(CoatResult $result, Wording $say): array
    {
        $case = $result->case;
        $holds = $case->piece->holdsMl();
        if ($holds === null || ! $case->coat->isDammed() || $case->ground->takenMl + $case->sized->filmMl <= $holds * (1 + self::ROUNDING)) {
            return [];
        }

        return [Advice::caution('clips_mould', Topic::Thickness, sprintf(
            'Pour at most %s into each: it holds %s, and earlier pours took %s.',
            $say->volume(max(0.0, $holds - $case->ground->takenMl)),
            $say->volume($holds),
            $say->volume($case->ground->takenMl),
        ))];
    }

    /** @return list<Advice> */
    private function order(CoatResult $result): array
    {
        $case = $result->case;
        if (! $case->piece->faceDown) {
            return [];
        }
        if ($case->coat->kind === CoatKind::Back && $case->isFirstCoat()) {
            return [Advice::caution('face_down_order', Topic::Surface, 'Pour the face first: this casting lies face down, and its first pour becomes the face.')];
        }
        if (($case->coat->kind === CoatKind::Top || $case->coat->kind === CoatKind::Dome) && ! $case->coat->turnFirst) {
            return [Advice::caution('face_down_order', Topic::Surface, 'Demould and turn it before this coat: what lies open in the mould is its back.')];
        }
        if ($case->ground->below?->kind === CoatKind::Back && ! $case->coat->turnFirst) {
            return [Advice::caution('face_down_order', Topic::Surface, 'Lay the back last: another coat follows it, and the casting has not been turned.')];
        }

        return [];
    }
}
