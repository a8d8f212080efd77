<?php

declare(strict_types=1);

namespace Bench;

use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Support\Page;
use Tests\Browser\Support\Studio;

/** Drags a point of a long traced edge over its photo, and times the frames that the browser draws. */
final class Tracing
{
    private const POINTS = 200;

    private const FRAMES = 120;

    /** @return list<float> ms from frame to frame while a point is dragged */
    public static function frames(Page $page, Studio $studio): array
    {
        $page->open($studio->url('/pieces/new'));
        $page->press('radio', 'Other');
        $page->press('button', 'Trace a photo');
        $file = WebDriverBy::cssSelector('[role=dialog] input[type=file]');
        $page->until(static fn (): bool => $page->driver->findElements($file) !== [], 'the field of the photo');
        $page->driver->findElement($file)->sendKeys(self::photo($studio));
        $page->untilSees('1. The scale');
        $page->press('button', 'Edge: 0');
        $times = $page->driver->executeAsyncScript(<<<'JS'
            const [points, frames, done] = arguments
            const board = document.querySelector('[role=application]')
            const box = board.getBoundingClientRect()
            const place = (angle, reach) => [box.left + box.width * (0.5 + reach * Math.cos(angle)), box.top + box.height * (0.5 + reach * Math.sin(angle))]
            const send = (type, [x, y], buttons) =>
                board.dispatchEvent(new PointerEvent(type, { bubbles: true, pointerId: 1, button: type === 'pointermove' ? -1 : 0, buttons, clientX: x, clientY: y }))
            board.setPointerCapture = () => {}
            const frame = () => new Promise(requestAnimationFrame)
            const run = async () => {
                for (let i = 0; i < points; i++) {
                    const at = place((2 * Math.PI * i) / points, 0.4 + 0.03 * Math.sin(i))
                    send('pointerdown', at, 1)
                    send('pointerup', at, 0)
                    if (i % 20 === 0) await frame()
                }
                await frame()
                const last = (2 * Math.PI * 100) / points
                send('pointerdown', place(last, 0.4 + 0.03 * Math.sin(100)), 1)
                const times = []
                let before = await frame()
                for (let i = 0; i < frames; i++) {
                    send('pointermove', place(last + i / 400, 0.42 + 0.02 * Math.sin(i / 9)), 1)
                    const now = await frame()
                    times.push(now - before)
                    before = now
                }
                send('pointerup', place(last, 0.4), 0)
                return times
            }
            run().then(done)
            JS, [self::POINTS, self::FRAMES]);

        return array_values(array_map(floatval(...), array_filter(is_array($times) ? $times : [], is_numeric(...))));
    }

    private static function photo(Studio $studio): string
    {
        $image = imagecreatetruecolor(3000, 2200);
        for ($i = 0; $i < 4000; $i++) {
            imagefilledellipse($image, mt_rand(0, 3000), mt_rand(0, 2200), 60, 40, (int) imagecolorallocate($image, mt_rand(60, 200), mt_rand(60, 180), mt_rand(40, 140)));
        }
        imagejpeg($image, $file = $studio->folder.'/bench.jpg', 85);

        return $file;
    }
}
