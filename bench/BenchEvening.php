<?php

declare(strict_types=1);

namespace Bench;

use OpenGlaze\Core\Film\HeatTool;
use OpenGlaze\Core\Round\RoundAct;
use OpenGlaze\Core\Run\ActKind;
use Tests\Browser\Support\ElevenBoards;
use Tests\Browser\Support\Page;
use Tests\Browser\Support\Studio;

/** An evening at the bench: its rounds in the core, and a press in a browser without a network. */
final class BenchEvening
{
    private const STEADY_MS = 720;

    /** @return list<RoundAct> twelve pieces, poured three minutes apart, 150 acts */
    public static function twelve(): array
    {
        $acts = [];
        for ($piece = 0; $piece < 12; $piece++) {
            $poured = 3.0 * $piece;
            $act = static fn (ActKind $kind, float $min, float $lasts): RoundAct => new RoundAct("piece-$piece", "$kind->value-$min", $kind, HeatTool::Flame, $poured + $min, $kind === ActKind::Wipe || $kind === ActKind::Cover ? null : $poured + 45, $lasts);
            array_push($acts, $act(ActKind::Pass, 5, 0.3), $act(ActKind::Pass, 13, 0.3), $act(ActKind::Look, 36, 0.5), $act(ActKind::Cover, 93, 0.5));
            foreach ([10, 20, 30, 40, 50, 65, 80, 93] as $min) {
                $acts[] = $act(ActKind::Wipe, $min, 0.5);
            }
        }

        return [...$acts, ...array_map(static fn (int $extra): RoundAct => new RoundAct('piece-0', "look-$extra", ActKind::Look, HeatTool::Flame, 40 + $extra, null, 0.5), range(1, 6))];
    }

    /** @return list<float> ms from a press until what comes next is on the screen, the network cut */
    public static function presses(): array
    {
        $studio = new Studio(ElevenBoards::class);
        $studio->serve();
        $page = new Page;
        try {
            $page->size(390, 844);
            $page->open($studio->url('/run'));
            $page->untilSees('Pour piece 1 of 11');
            $page->devtools('Network.enable');
            $page->devtools('Network.emulateNetworkConditions', ['offline' => true, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1]);
            $times = [];
            for ($press = 0; $press < 24; $press++) {
                usleep(self::STEADY_MS * 1000);
                $took = $page->js(<<<'JS'
                    const before = document.querySelector('[data-step]').dataset.step
                    const at = performance.now()
                    document.querySelector('[data-testid=next]').click()
                    return new Promise((done) => {
                        const look = () => document.querySelector('[data-step]')?.dataset.step !== before
                            ? requestAnimationFrame(() => done(performance.now() - at)) : setTimeout(look, 0)
                        look()
                    })
                    JS);
                $times[] = is_numeric($took) ? (float) $took : 0.0;
            }

            return $times;
        } finally {
            $page->quit();
            $studio->remove();
        }
    }
}
