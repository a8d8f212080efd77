<?php

declare(strict_types=1);

namespace Bench;

use Database\Seeders\DatabaseSeeder;
use OpenGlaze\Core\Film\HeatTool;
use OpenGlaze\Core\Round\RoundAct;
use OpenGlaze\Core\Run\ActKind;
use Tests\Browser\Support\ElevenBoards;
use Tests\Browser\Support\ElevenPlanned;
use Tests\Browser\Support\Page;
use Tests\Browser\Support\Studio;

/** An evening at the bench: its rounds in the core, and a press in a browser without a network. */
final class BenchEvening
{
    private const STEADY_MS = 720;

    /** @return list<RoundAct> twelve pieces, poured three minutes apart, 150 acts */
    public static function twelve(float $apartMin = 3.0): array
    {
        $acts = [];
        for ($piece = 0; $piece < 12; $piece++) {
            $poured = $apartMin * $piece;
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
            $page->offline(true);
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

    /**
     * What an evening of eleven films costs while nobody presses anything.
     *
     * @return array{state: list<float>, follow: list<float>, timers: float, heap: float, rehearsal: list<float>} ms, the most timers in a second, MB that the page grew by, ms
     */
    public static function atRest(): array
    {
        $studio = new Studio(ElevenBoards::class);
        $studio->serve();
        $page = new Page;
        try {
            $page->open($studio->url('/run'));
            for ($board = 1; $board <= ElevenBoards::COUNT; $board++) {
                $page->untilSees("Pour piece $board of");
                usleep(self::STEADY_MS * 1000);
                $page->js('document.querySelector("[data-testid=next]").click()');
            }
            $page->until(static fn (): bool => (int) $studio->value('select count(*) from pours where poured_at is not null and off_at is null') >= ElevenBoards::COUNT, 'all to be poured');
            $state = self::asked($page);
            [$timers, $heap] = self::quietMinute($page);

            return ['state' => $state, 'timers' => $timers, 'heap' => $heap, 'follow' => self::numbers($studio->php('bench/follow.php')), 'rehearsal' => self::rehearsals()];
        } finally {
            $page->quit();
            $studio->remove();
        }
    }

    /** @return list<float> ms until the run of an empty bench is answered, with the last checks for the six cups of the demo */
    public static function checks(): array
    {
        $studio = new Studio(DatabaseSeeder::class);
        $studio->database()->exec("update pours set off_at = '2026-01-01 00:00:00.000'");
        $studio->serve();
        $page = new Page;
        try {
            $page->open($studio->url('/run'));

            return self::asked($page);
        } finally {
            $page->quit();
            $studio->remove();
        }
    }

    /** @return list<float> ms until the run is answered, asked thirty times */
    private static function asked(Page $page): array
    {
        $times = [];
        for ($time = 0; $time < 30; $time++) {
            $took = $page->js('const at = performance.now(); return fetch("/run/state", { headers: { Accept: "application/json" } }).then((answer) => answer.text()).then(() => performance.now() - at)');
            $times[] = is_numeric($took) ? (float) $took : 0.0;
        }

        return $times;
    }

    /** @return array{float, float} the most timers that were set in a second, and how much the page grew in a minute, MB */
    private static function quietMinute(Page $page): array
    {
        $page->devtools('HeapProfiler.collectGarbage');
        $before = $page->js('return performance.memory.usedJSHeapSize');
        $page->js(<<<'JS'
            window.timersSet = []
            for (const name of ['setTimeout', 'setInterval', 'requestAnimationFrame']) {
                const real = window[name].bind(window)
                window[name] = (...given) => { window.timersSet.push(performance.now()); return real(...given) }
            }
            JS);
        sleep(60);
        $most = $page->js('const seconds = {}; for (const at of window.timersSet) seconds[Math.floor(at / 1000)] = (seconds[Math.floor(at / 1000)] ?? 0) + 1; return Math.max(0, ...Object.values(seconds))');
        $page->devtools('HeapProfiler.collectGarbage');
        $after = $page->js('return performance.memory.usedJSHeapSize');

        return [is_numeric($most) ? (float) $most : 0.0, is_numeric($before) && is_numeric($after) ? ($after - $before) / 1e6 : 0.0];
    }

    /** @return list<float> ms until a rehearsal of eleven boards has begun with its first cup mixed */
    private static function rehearsals(): array
    {
        $studio = new Studio(ElevenPlanned::class);
        $studio->serve();
        $page = new Page;
        try {
            $page->open($studio->url('/evening'));
            $times = [];
            for ($time = 0; $time < 5; $time++) {
                $took = $page->js(<<<'JS'
                    const cookie = document.cookie.split('; ').find((one) => one.startsWith('XSRF-TOKEN-'))
                    const at = performance.now()
                    return fetch('/rehearsals', {
                        method: 'POST',
                        headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': decodeURIComponent(cookie.split('=')[1]) },
                        body: JSON.stringify({ mixed: true, pace: 60, accidents: [] }),
                    }).then((answer) => answer.ok ? performance.now() - at : -1)
                    JS);
                $times[] = is_numeric($took) ? (float) $took : 0.0;
                $page->devtools('Network.clearBrowserCookies');
                $page->open($studio->url('/evening'));
            }

            return $times;
        } finally {
            $page->quit();
            $studio->remove();
        }
    }

    /** @return list<float> */
    private static function numbers(string $lines): array
    {
        return array_map(floatval(...), array_values(array_filter(explode("\n", $lines))));
    }
}
