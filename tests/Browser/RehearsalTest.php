<?php

declare(strict_types=1);

namespace Tests\Browser;

use PDO;
use Tests\Browser\Support\AsksAxe;
use Tests\Browser\Support\ElevenBoards;
use Tests\Browser\Support\ElevenPlanned;
use Tests\Browser\Support\Page;

/** A whole evening of eleven pieces at sixty times its pace, with the network cut in the middle and the server killed once. */
final class RehearsalTest extends BrowserTestCase
{
    use AsksAxe;

    protected const SEEDER = ElevenPlanned::class;

    private const MOST_PRESSES = 120;

    protected function tearDown(): void
    {
        self::$page->offline(false);
        self::$studio->kill();
        self::$studio->serve();
    }

    public function test_an_evening_of_eleven_pieces_at_sixty_times_its_pace_ends_in_its_debriefing_with_its_log_whole(): void
    {
        $before = self::$studio->rows('select count(*) as events, (select count(*) from pours) as pours from events');
        $page = $this->open('/evening');
        $page->press('button', 'Rehearse it');
        foreach (['A dead scale', 'A smoking cup', 'A visitor', 'A short cup', 'A hair in the film'] as $accident) {
            $page->press('button', $accident);
        }
        $page->press('button', '×60');
        $page->press('button', 'Begin');
        $page->untilSees('nothing of it is written in your log');
        $page->untilSees('Pour piece 1 of 11');
        $page->until(static fn (): bool => $page->js('return navigator.serviceWorker.ready.then(() => true)') === true, 'the worker');
        $pressed = [];
        // a pass that is due comes between two of them
        for ($boards = 0; $boards < ElevenBoards::COUNT; $boards += (int) ! str_contains($step, ' ')) {
            [$step, $pressed[]] = $page->pressNext('[data-step]', 'step');
        }
        // a few acts, then the network is cut, then the server dies
        for ($acts = 0; $acts < 4; $acts++) {
            $pressed[] = $this->pressNext($page);
        }
        $page->offline(true);
        for ($acts = 0; $acts < 4; $acts++) {
            $pressed[] = $this->pressNext($page);
        }
        $page->untilSees('presses waiting');
        // the page is loaded anew without a server
        self::$studio->kill();
        $page->offline(false);
        $page->driver->navigate()->refresh();
        $page->untilSees('Rehearsal');
        $page->until(fn (): bool => $this->step($page) !== '', 'what comes next, from what was kept here');
        $pressed[] = $this->pressNext($page);
        self::$studio->serve();
        $page->js("window.dispatchEvent(new Event('online'))");
        $log = $this->log();
        $count = static fn (): int => (int) $log->query("select count(*) from events where kind in ('poured', 'act_done') and heard_ms > (select begun_ms from rehearsals)")->fetchColumn();
        $page->until(static fn (): bool => $count() >= count($pressed), count($pressed).' presses to be heard');
        // to the end: until nothing wants a hand but what is seen to before one leaves the room
        for ($acts = 0; $acts < self::MOST_PRESSES; $acts++) {
            // by the time that it is pressed there may be no act left
            [$step, $at] = $page->pressNext('[data-step]', 'step');
            if (str_starts_with($step, 'check ')) {
                break;
            }
            $pressed[] = $at;
        }
        $page->until(static fn (): bool => $count() === count($pressed), 'none lost, none twice');

        $rows = $log->query("select subject, kind, json_extract(facts, '$.act') as act, pressed_ms + offset_ms as at, heard_ms from events where kind in ('poured', 'act_done') and heard_ms > (select begun_ms from rehearsals) order by sequence")->fetchAll(PDO::FETCH_ASSOC);
        self::assertCount(ElevenBoards::COUNT, array_filter($rows, static fn (array $row): bool => $row['kind'] === 'poured'));
        self::assertCount(count($rows), array_unique(array_map(static fn (array $row): string => $row['subject'].$row['act'], $rows)));
        $at = array_map(intval(...), array_column($rows, 'at'));
        $sorted = $at;
        sort($sorted);
        self::assertSame($sorted, $at, 'in the order of pressing');
        foreach ($rows as $index => $row) {
            // sixty times as fast: a second of the device is a minute of the evening
            $evening = ((int) $row['at'] - (int) $rows[0]['at']) / 60;
            self::assertEqualsWithDelta($pressed[$index] - $pressed[0], $evening, 1500, 'each at its own time');
        }
        self::assertSame($before, self::$studio->rows('select count(*) as events, (select count(*) from pours) as pours from events'), 'and nothing of it in the studio');

        $page->press('button', 'End');
        $page->untilSees('looked back on');
        $this->assertAxeFindsNothing($page, 'the debriefing');
        self::assertCount(ElevenBoards::COUNT, array_filter(range(1, ElevenBoards::COUNT), static fn (int $board): bool => $page->sees("Moon board $board")));
        $page->size(390, 844);
        self::assertLessThanOrEqual(390, (int) $page->js('return document.documentElement.scrollWidth'));
        $page->press('button', 'Leave');
        $page->untilSees('Rehearse it');
        self::assertFalse($page->sees('nothing of it is written'));
    }

    public function test_what_is_really_wet_stays_on_the_page_of_another_tab(): void
    {
        $page = $this->open('/');
        $page->untilSees('Autumn sky');
        $driver = $page->driver;
        $own = $driver->getWindowHandle();
        $driver->switchTo()->newWindow();
        try {
            $this->open('/evening');
            $page->press('button', 'Rehearse it');
            $page->press('button', 'Begin');
            $page->untilSees('nothing of it is written in your log');
            $driver->switchTo()->window($own);
            // what is pressed on another device meanwhile is heard, and it is of this studio
            self::$studio->database()->exec("update pours set title = 'Autumn sky, really wet' where title = 'Autumn sky'");
            $page->js("window.dispatchEvent(new Event('online'))");
            $page->untilSees('Autumn sky, really wet');
            self::assertFalse($page->sees('Moon board'), 'and none of what is played');
            self::assertFalse($page->sees('No answer from the studio'));
            self::$studio->database()->exec("update pours set title = 'Autumn sky' where title = 'Autumn sky, really wet'");
            $this->open('/');
            $page->untilSees('nothing of it is written in your log');
            $page->press('button', 'End');
            $page->untilSees('looked back on');
            $page->press('button', 'Leave');
            $page->untilSees('Rehearse it');
            $this->open('/');
            $page->untilSees('Autumn sky');
        } finally {
            foreach (array_diff($driver->getWindowHandles(), [$own]) as $other) {
                $driver->switchTo()->window($other)->close();
            }
            $driver->switchTo()->window($own);
        }
    }

    /** The rehearsal's own database. */
    private function log(): PDO
    {
        $files = glob(self::$studio->folder.'/app/rehearsals/*/*.sqlite') ?: [];
        self::assertCount(1, $files);

        return new PDO('sqlite:'.$files[0], options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
    }

    /** @return int when it was pressed, ms since 1970 by the device */
    private function pressNext(Page $page): int
    {
        return $page->pressNext('[data-step]', 'step')[1];
    }

    private function step(Page $page): string
    {
        $step = $page->js('return document.querySelector("[data-step]")?.dataset.step ?? ""');

        return is_string($step) ? $step : '';
    }
}
