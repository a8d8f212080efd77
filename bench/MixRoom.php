<?php

declare(strict_types=1);

namespace Bench;

use RuntimeException;
use Tests\Browser\Support\Page;
use Tests\Browser\Support\Studio;
use Tests\Support\DeviceProcess;

/** The mix room in a browser: from the scale to the screen, and from a change to its answer. */
final class MixRoom
{
    private const PUTS = 15;

    private const STEP_G = 40.0;

    /** The stand-in's display has come half of the way after so long, s: its settling time times ln 2. */
    private const HALF_WAY_S = 0.35 * M_LN2;

    /** @return list<float> ms from the moment that the scale's display passes a mark until the screen does */
    public static function scaleToScreen(Page $page, Studio $studio): array
    {
        $scale = new DeviceProcess($studio->scaleSocket());
        $scale->start();
        try {
            self::begin($page, $studio);
            $times = [];
            $lies = 0.0;
            for ($put = 0; $put < self::PUTS; $put++) {
                $mark = $lies + self::STEP_G / 2;
                $page->js(<<<'JS'
                    const [mark] = arguments
                    window.passedAt = null
                    const look = () => {
                        const says = parseFloat(/says (-?[\d.]+)/.exec(document.querySelector('[data-testid=reading]').textContent)?.[1] ?? '0')
                        if (says >= mark && window.passedAt === null) window.passedAt = Date.now()
                    }
                    window.watch?.disconnect()
                    window.watch = new MutationObserver(look)
                    window.watch.observe(document.querySelector('[data-testid=reading]'), { childList: true, characterData: true, subtree: true })
                    JS, $mark);
                self::put($studio->scaleSocket());
                $passes = microtime(true) + self::HALF_WAY_S;
                $page->until(static fn (): bool => $page->js('return window.passedAt') !== null, 'the screen to follow');
                $times[] = self::number($page->js('return window.passedAt')) - 1000 * $passes;
                $lies += self::STEP_G;
                $page->until(static fn (): bool => abs(self::number($page->js('return parseFloat(/says (-?[\d.]+)/.exec(document.querySelector("[data-testid=reading]").textContent)?.[1] ?? "0")')) - $lies) < 0.3, 'it to settle');
            }

            return $times;
        } finally {
            $scale->remove();
        }
    }

    /** @return list<float> ms of one call while a cup of the demo evening is changed, in the browser */
    public static function change(Page $page, Studio $studio): array
    {
        $page->open($studio->url('/plans/1/evening'));
        $times = $page->driver->executeAsyncScript(<<<'JS'
            const done = arguments[arguments.length - 1]
            const token = decodeURIComponent(document.cookie.split('; ').find((part) => part.startsWith('XSRF-TOKEN')).replace(/^[^=]*=/, ''))
            const send = (method, url, body) => fetch(url, { method, headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': token }, body: JSON.stringify(body) })
            ;(async () => {
                const { batches } = await (await fetch('/plans/1/file')).json()
                const times = []
                for (let i = 0; i < 40; i++) {
                    const begin = performance.now()
                    await (await send('POST', '/plans/1/evening/live?batch=batch-3', { batches })).json()
                    times.push(performance.now() - begin)
                }
                done(times.slice(10))
            })()
            JS);

        return array_values(array_map(floatval(...), array_filter(is_array($times) ? $times : [], is_numeric(...))));
    }

    private static function begin(Page $page, Studio $studio): void
    {
        $page->open($studio->url('/plans/1/batches/batch-1'));
        $page->press('button', 'Weigh it');
        $page->press('button', 'Begin');
        $page->until(static fn (): bool => str_contains($page->text('[data-testid=reading]'), 'steady'), 'the scale');
    }

    private static function number(mixed $value): float
    {
        return is_int($value) || is_float($value) ? (float) $value : 0.0;
    }

    private static function put(string $path): void
    {
        $socket = stream_socket_client('unix://'.$path) ?: throw new RuntimeException('The scale does not answer.');
        fwrite($socket, json_encode(['hand' => 'put', 'grams' => self::STEP_G], JSON_THROW_ON_ERROR)."\n");
        fgets($socket);
        fclose($socket);
    }
}
