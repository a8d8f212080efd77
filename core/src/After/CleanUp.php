<?php

declare(strict_types=1);

namespace OpenGlaze\Core\After;

use OpenGlaze\Core\Before\Check;
use OpenGlaze\Core\Film\HeatTool;
use OpenGlaze\Core\Message\Message;

/** What is seen to when every film of an evening is covered: fire first, then what hardens or spills, then the room. Source: the studio's cautions. */
final class CleanUp
{
    /**
     * @param  list<HeatTool>  $tools  what heat was brought with
     * @param  bool  $isOiled  effect oil went into one of the films
     * @return list<Check>
     */
    public static function of(array $tools, bool $isOiled): array
    {
        return [
            ...in_array(HeatTool::Flame, $tools, true) ? [self::check('flame')] : [],
            ...in_array(HeatTool::HeatGun, $tools, true) ? [self::check('heat_gun')] : [],
            self::check('bottles'),
            self::check('waste'),
            ...$isOiled ? [self::check('oil')] : [],
            self::check('room'),
        ];
    }

    private static function check(string $what): Check
    {
        return new Check("after_$what", Message::of("after.$what.title"), Message::of("after.$what.how"));
    }
}
