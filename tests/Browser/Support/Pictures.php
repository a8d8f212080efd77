<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Database\Seeders\DatabaseSeeder;
use Facebook\WebDriver\WebDriverBy;
use GdImage;
use RuntimeException;
use Tests\Support\DeviceProcess;

/** One picture of each main view, of a demo studio that was never touched: what docs/screenshots holds. */
final class Pictures
{
    private const PHOTO_PX = 2560;

    private const PRESSES = 40;

    private const PRESS_WHAT_IS_DUE = <<<'JS'
        const step = document.querySelector('[data-step]')
        if (step === null || step.dataset.step !== arguments[0]) return step?.dataset.step ?? arguments[0]
        if (/Pour piece|ago|Now/.test(step.textContent)) document.querySelector('[data-testid=next]').click()
        return arguments[0]
        JS;

    private readonly Studio $studio;

    private readonly Page $page;

    private readonly DeviceProcess $scale;

    public function __construct(private readonly string $folder)
    {
        $this->studio = new Studio(DatabaseSeeder::class);
        $this->studio->serve();
        $this->scale = new DeviceProcess($this->studio->scaleSocket());
        $this->scale->start();
        $this->page = new Page;
        $this->page->size(1280, 800);
        $this->page->open($this->studio->url('/'));
        $this->page->js("localStorage.setItem('no-substitute-read', 'yes')");
        $this->page->light('light');
    }

    public function takeAll(): void
    {
        try {
            $this->planned();
            $this->onPaperAndShelf();
            $this->atTheBench();
            $this->run();
            $this->cup();
            $this->rehearsal();
        } finally {
            $this->page->quit();
            $this->scale->remove();
            $this->studio->remove();
        }
    }

    private function planned(): void
    {
        $this->open('/pieces', 'Sleeping fox')->take('pieces');
        $this->open('/pieces/winter', 'to coat')->take('take-in');
        $this->open('/coats/table-deep', 'likely')->take('coat');
        $this->page->press('tab', 'Steps');
        $this->page->untilSees('Check for leaks');
        $this->take('steps');
        $this->open('/coats/autumn-flood', 'What would keep it');
        $this->page->press('button', 'What would keep it');
        $this->page->untilSees('As asked');
        $this->page->untilSees('likely');
        $this->page->js('document.querySelector("[role=slider]").scrollIntoView({ block: "start" }); window.scrollBy(0, -90)');
        $this->take('edge');
        $this->open('/coats/autumn-flood', 'What would keep it');
        $this->page->js('document.querySelector("[data-figure=open_min]").click()');
        $this->page->untilSees('How sure');
        $this->take('trace');
        $this->traced();
    }

    private function onPaperAndShelf(): void
    {
        $this->open('/coats/winter-flood/mix', 'likely 45')->take('mix');
        $this->open('/evening', 'pouring and spreading')->take('evening');
        $this->open('/plans/1/batches/batch-4', 'likely 5')->take('cup');
        $this->open('/shelf', 'Bottles')->take('shelf');
    }

    private function atTheBench(): void
    {
        $this->open('/pieces/winter/history', 'Planned')->take('look-back');
        $this->open('/pours/moon-study-flood/finish', 'What it took')->take('finish');
        $this->open('/pours/autumn-flood', 'Wipe the drips')->take('pour');
    }

    /** A cup on the scale, then mixed, then waiting to be poured. */
    private function cup(): void
    {
        $this->mixed('batch-4', 'weigh');
        $this->page->untilSees('Mixed resin for');
        $this->open('/', 'stands mixed')->take('now');
    }

    /** Another cup, begun to be poured; then what the hands come to next, on a phone. */
    private function run(): void
    {
        $this->mixed('batch-1');
        $this->page->press('button', 'To the pour');
        $this->page->untilSees('Pour and spread');
        $this->open('/run', 'sticky gloves off')->take('run');
        $this->page->size(390, 844);
        $this->page->press('button', 'It is all on the piece');
        $this->open('/run', 'heals for another')->take('run-phone');
        $this->page->size(1280, 800);
    }

    /** Eleven boards rehearsed by who does what is due and nothing about accidents, and looked back on in the dark. */
    private function rehearsal(): void
    {
        $studio = new Studio(ElevenPlanned::class);
        $studio->serve();
        try {
            $this->page->light('dark');
            $this->page->open($studio->url('/evening'));
            $this->page->js("localStorage.setItem('no-substitute-read', 'yes')");
            $this->page->press('button', 'Rehearse it');
            $this->page->press('button', '×60');
            $this->page->press('button', 'Begin');
            $this->page->untilSees('nothing of it is written');
            for ($presses = 0, $step = null; $presses < self::PRESSES; $presses++) {
                $this->page->until(function () use (&$step): bool {
                    $before = $step;
                    $step = $this->page->js(self::PRESS_WHAT_IS_DUE, $before);

                    return $step !== $before;
                }, 'the next step of the rehearsal');
            }
            $this->page->press('button', 'End');
            $this->page->untilSees('looked back on');
            $this->take('rehearsal');
        } finally {
            $studio->remove();
        }
    }

    /** @param  string|null  $picture  of its first step */
    private function mixed(string $batch, ?string $picture = null): void
    {
        $this->open("/plans/1/batches/$batch", 'Weigh it');
        $this->page->press('button', 'Weigh it');
        $this->page->press('button', 'Begin');
        $this->page->untilSees('Pour part A');
        if ($picture !== null) {
            $this->take($picture);
        }
        foreach (['A', 'B'] as $part) {
            $this->page->untilSees("Pour part $part");
            preg_match('/([\d.]+) g/', $this->page->text('main'), $mark);
            $this->page->wentIn($mark[1] ?? throw new RuntimeException('There is no mark.'));
        }
        $this->page->press('button', 'I am stirring');
        $this->page->press('button', 'It is mixed already');
    }

    /** The fox of the demo, cut out of board, with a rule beside it. */
    private function traced(): void
    {
        $fox = array_map(static fn (array $at): array => [6 * $at[0] - 60, 6 * $at[1] - 160], [
            [58, 214], [47, 190], [45, 166], [52, 146], [38, 92], [66, 106], [92, 126], [110, 121], [131, 121], [150, 96], [174, 80], [175, 110], [168, 138],
            [192, 111], [226, 91], [265, 82], [304, 84], [344, 99], [372, 130], [383, 165], [380, 200], [362, 235], [330, 258], [290, 270], [246, 272], [266, 256], [276, 236],
            [246, 253], [214, 263], [180, 266], [150, 262], [112, 250], [80, 235],
        ]);
        $image = imagecreatetruecolor(self::PHOTO_PX, 1800);
        $this->draw($image, $fox);
        imagejpeg($image, $photo = $this->studio->folder.'/fox.jpg', 90);
        $this->open('/pieces/new', 'Take in');
        $this->page->type('Name', 'Sleeping fox, larger');
        $this->page->press('radio', 'Other');
        $this->page->press('button', 'Trace a photo');
        $this->page->untilSees('Take or choose a photo');
        $this->page->driver->findElement(WebDriverBy::cssSelector('[role=dialog] input[type=file]'))->sendKeys($photo);
        $this->page->untilSees('1. The scale');
        $this->page->type('They are apart', '30 cm');
        $this->click([[240, 1650], [2040, 1650]]);
        $this->page->press('button', 'Edge: 0');
        $this->page->press('checkbox', 'The next points are corners');
        $this->click($fox);
        $this->page->untilSees('Use this outline');
        $this->take('tracing');
    }

    /** @param  list<array{int, int}>  $outline */
    private function draw(GdImage $image, array $outline): void
    {
        $colour = static fn (int $red, int $green, int $blue): int => (int) imagecolorallocate($image, $red, $green, $blue);
        imagefill($image, 0, 0, $colour(110, 94, 82));
        imagefilledpolygon($image, array_merge(...$outline), $colour(208, 160, 88));
        imagefilledrectangle($image, 200, 1625, 2080, 1690, $colour(224, 220, 208));
        for ($mark = 0; $mark <= 30; $mark++) {
            imagefilledrectangle($image, 238 + 60 * $mark, 1625, 242 + 60 * $mark, $mark % 5 === 0 ? 1665 : 1645, $colour(50, 50, 50));
        }
    }

    /** @param  list<array{int, int}>  $points  in pixels of the photo */
    private function click(array $points): void
    {
        /** @var array{float, float, float} $box */
        $box = $this->page->js('const box = document.querySelector("[role=application]").getBoundingClientRect(); return [box.left, box.top, box.width / arguments[0]]', self::PHOTO_PX);
        foreach ($points as [$x, $y]) {
            $at = ['x' => $box[0] + $x * $box[2], 'y' => $box[1] + $y * $box[2], 'button' => 'left', 'clickCount' => 1];
            $this->page->devtools('Input.dispatchMouseEvent', ['type' => 'mousePressed', ...$at]);
            $this->page->devtools('Input.dispatchMouseEvent', ['type' => 'mouseReleased', ...$at]);
        }
    }

    private function open(string $path, string $seen): self
    {
        $this->page->open($this->studio->url($this->studio->path($path)));
        $this->page->untilSees($seen);

        return $this;
    }

    private function take(string $name): void
    {
        // what comes after what was waited for: ranges, fonts, photos
        $this->page->until(fn (): bool => $this->page->js('return document.fonts.status === "loaded" && [...document.images].every((one) => one.complete) && document.querySelector("[aria-busy=true]") === null') === true, "$name to be drawn");
        $last = '';
        $this->page->until(function () use (&$last): bool {
            $now = $this->page->driver->takeScreenshot();
            [$same, $last] = [$now === $last, $now];

            return $same || preg_match('~/(pours/|run$)~', $this->page->driver->getCurrentURL()) === 1;
        }, "$name to stand still");
        file_put_contents("$this->folder/$name.png", $last);
        fwrite(STDERR, "$name\n");
    }
}
