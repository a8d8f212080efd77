<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Run;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Message\Message;

/** Looks along the film while something could still be done, and a last one. */
final class Looks implements ActRule
{
    public function acts(CoatResult $result): array
    {
        $torch = $result->film->torch;
        $acts = [];
        foreach ($torch->looksMin as $at => $min) {
            $title = Message::of('acts.look.numbered', number: $at + 1, of: count($torch->looksMin) + 1);
            $acts[] = new Act('look-'.($at + 1), ActKind::Look, $min, $title, Message::of($result->case->airFromBelow() ? 'acts.look.again' : 'acts.look.habit'), LookOver::lookMin($result->case), $torch->closesMin);
        }
        if ($torch->lookMin !== null) {
            $acts[] = new Act('look', ActKind::Look, $torch->lookMin, Message::of('acts.look.last'), Message::of('acts.look.how'), LookOver::lookMin($result->case), $torch->closesMin);
        }

        return $acts;
    }
}
