<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Run;

use OpenGlaze\Core\Coating\CoatResult;

/** When it can be judged whether a film fills, and until when a topping up still gets its pass with the heat; min after the pour. */
final readonly class Fill
{
    /** After the last spreading, at the earliest. Source: the studio's practice; an estimate. */
    private const EARLIEST_MIN = 5.0;

    private const SETTLING_TIMES = 3.0;

    /** Less is left to closing: no more heat. */
    public const LEAST_LEFT_MIN = 8.0;

    private function __construct(
        /** null where it never settles */
        public ?float $judgeFromMin,
        /** null where nothing is passed with, or it has closed by then */
        public ?float $passUntilMin,
    ) {
    }

    public static function of(CoatResult $result): self
    {
        $settle = $result->film->level->settleMin;
        $judge = $settle === null ? null : $result->case->studio->hands->spreadMin->value + max(self::EARLIEST_MIN, self::SETTLING_TIMES * $settle);
        $pass = $result->film->torch->passesMin === [] ? null : $result->film->torch->closesMin - self::LEAST_LEFT_MIN;

        return new self($judge, $pass === null || $pass <= ($judge ?? 0.0) ? null : $pass);
    }
}
