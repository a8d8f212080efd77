<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeDriver;
use Facebook\WebDriver\Chrome\ChromeDriverService;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\TimeoutException;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteExecuteMethod;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverKeys;
use RuntimeException;

/** A browser as a person uses it: finds things by role and name, waits for what should come, never sleeps a fixed time. */
final class Page
{
    /** A second press within 700 ms does not count, nor one on what has stood there for less than 300. */
    private const PRESS_WHAT_IS_SEEN = <<<'JS'
        const now = performance.now()
        const shown = document.querySelector(arguments[0])?.dataset[arguments[1]] ?? ''
        if (shown !== window.shown) Object.assign(window, { shown, shownAt: now })
        if (shown === '' || now - window.shownAt < 350 || now - (window.pressedAt ?? -1e9) < 720) return null
        window.pressedAt = now
        document.querySelector('[data-testid=next]').click()
        return [shown, Date.now()]
        JS;

    private const PATIENCE_S = 60;

    private const LOOK_EVERY_MS = 30;

    private const FIND = <<<'JS'
        const [role, name] = arguments
        const roles = {
            button: 'button, [role=button]', link: 'a[href]', textbox: 'input:not([type=file]), textarea', slider: '[role=slider], input[type=range]',
            heading: 'h1, h2, h3', dialog: '[role=dialog]', status: '[role=status]', option: '[role=option]', combobox: 'select',
            radio: '[role=radio]', checkbox: '[role=checkbox], input[type=checkbox]', timer: '[role=timer]', listitem: 'li',
            tab: '[role=tab]', menuitem: '[role=menuitem]', application: '[role=application]', summary: 'summary', img: '[role=img]',
        }
        const text = (element) => (element?.textContent ?? '').replace(/\s+/g, ' ').trim()
        const nameOf = (element) =>
            element.getAttribute('aria-label') ??
            (element.getAttribute('aria-labelledby') ? text(document.getElementById(element.getAttribute('aria-labelledby'))) : null) ??
            (element.labels?.length ? text(element.labels[0]) : text(element))
        const seen = (element) => element.getClientRects().length > 0 && getComputedStyle(element).visibility !== 'hidden'
        const there = [...document.querySelectorAll(roles[role])].filter(seen)
        return there.find((element) => nameOf(element).startsWith(name)) ?? there.find((element) => nameOf(element).includes(name)) ?? null
        JS;

    /** Name, code and text of keys that are no letters. */
    private const KEYS = [
        WebDriverKeys::TAB => ['Tab', 9, ''],
        WebDriverKeys::ENTER => ['Enter', 13, "\r"],
        WebDriverKeys::ESCAPE => ['Escape', 27, ''],
        WebDriverKeys::SPACE => [' ', 32, ' '],
        WebDriverKeys::PAGE_UP => ['PageUp', 33, ''],
        WebDriverKeys::PAGE_DOWN => ['PageDown', 34, ''],
        WebDriverKeys::ARROW_UP => ['ArrowUp', 38, ''],
        WebDriverKeys::ARROW_DOWN => ['ArrowDown', 40, ''],
    ];

    /** No answer of the browser takes longer. */
    private const LONGEST_ANSWER_MS = 60_000;

    public readonly ChromeDriver $driver;

    private readonly ChromeDevToolsDriver $tools;

    private readonly string $profile;

    /** @param  list<string>  $more  arguments of the browser */
    public function __construct(array $more = [])
    {
        $this->profile = sys_get_temp_dir().'/open-glaze-browser-'.bin2hex(random_bytes(6));
        $options = new ChromeOptions;
        $options->addArguments([
            '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking',
            '--disable-component-update', '--disable-sync', '--user-data-dir='.$this->profile, ...$more,
        ]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);
        $port = Studio::freePort();
        $this->driver = ChromeDriver::start($capabilities, new ChromeDriverService('/usr/bin/chromedriver', $port, ["--port=$port"]));
        $this->driver->getCommandExecutor()->setRequestTimeout(self::LONGEST_ANSWER_MS);
        $this->tools = new ChromeDevToolsDriver($this->driver);
        $this->size(1280, 800);
    }

    public function quit(): void
    {
        $this->driver->quit();
        exec('rm -rf '.escapeshellarg($this->profile));
    }

    public function size(int $width, int $height): void
    {
        $this->devtools('Emulation.setDeviceMetricsOverride', ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => $width < 600]);
    }

    public function light(string $scheme): void
    {
        $this->devtools('Emulation.setEmulatedMedia', ['features' => [['name' => 'prefers-color-scheme', 'value' => $scheme]]]);
    }

    /**
     * @param  array<string, mixed>  $parameters
     * @return array<string, mixed>
     */
    public function devtools(string $command, array $parameters = []): array
    {
        return $this->tools->execute($command, $parameters);
    }

    /** The network is cut, or whole again. */
    public function offline(bool $is): void
    {
        $this->line($is, 0);
    }

    /** Every answer is so much later. */
    public function latency(int $ms): void
    {
        $this->line(false, $ms);
    }

    private function line(bool $isCut, int $latencyMs): void
    {
        $this->devtools('Network.enable');
        $this->devtools('Network.emulateNetworkConditions', ['offline' => $isCut, 'latency' => $latencyMs, 'downloadThroughput' => -1, 'uploadThroughput' => -1]);
    }

    public function open(string $url): void
    {
        $this->driver->get($url);
        $this->until(fn (): bool => $this->js('return document.querySelector("main h1, main [role=timer], main form") !== null') === true, "the page $url");
    }

    public function find(string $role, string $name): RemoteWebElement
    {
        $found = null;
        $this->until(function () use ($role, $name, &$found): bool {
            $found = $this->look($role, $name);

            return $found !== null;
        }, "$role \"$name\"");

        return $found ?? throw new RuntimeException("There is no $role \"$name\".");
    }

    public function has(string $role, string $name): bool
    {
        return $this->look($role, $name) !== null;
    }

    private function look(string $role, string $name): ?RemoteWebElement
    {
        $found = $this->js(self::FIND, $role, $name);
        $id = is_array($found) ? reset($found) : null;

        return is_string($id) ? new RemoteWebElement(new RemoteExecuteMethod($this->driver), $id, true) : null;
    }

    public function press(string $role, string $name): void
    {
        $this->until(function () use ($role, $name): bool {
            $element = $this->find($role, $name);
            if (! $element->isEnabled()) {
                return false;
            }
            $this->js('arguments[0].scrollIntoView({ block: "center" })', $element);
            $element->click();

            return true;
        }, "to press $role \"$name\"");
    }

    /**
     * Takes hold of the middle of something, moves by so many px each, and lets go: as a mouse does, which stays with what it holds.
     *
     * @param  list<array{int, int}>  $moves
     */
    public function pull(RemoteWebElement $held, array $moves): void
    {
        $at = $this->js('const box = arguments[0].getBoundingClientRect(); return [box.x + box.width / 2, box.y + box.height / 2]', $held);
        [$x, $y] = is_array($at) && is_numeric($at[0]) && is_numeric($at[1]) ? [(float) $at[0], (float) $at[1]] : [0.0, 0.0];
        $mouse = fn (string $does, float $x, float $y): array => $this->devtools('Input.dispatchMouseEvent', ['type' => $does, 'x' => $x, 'y' => $y, 'button' => 'left', 'buttons' => $does === 'mouseReleased' ? 0 : 1, 'clickCount' => 1]);
        $mouse('mousePressed', $x, $y);
        foreach ($moves as [$right, $down]) {
            $mouse('mouseMoved', $x += $right, $y += $down);
        }
        $mouse('mouseReleased', $x, $y);
    }

    public function type(string $label, string $text): void
    {
        $field = $this->find('textbox', $label);
        $this->js('arguments[0].scrollIntoView({ block: "center" })', $field);
        $field->click();
        $field->sendKeys([WebDriverKeys::CONTROL, 'a']);
        $field->sendKeys([WebDriverKeys::CONTROL, WebDriverKeys::NULL]);
        $field->sendKeys($text === '' ? WebDriverKeys::BACKSPACE : $text);
    }

    /** What really went into the cup, without the scale. */
    public function wentIn(string $amount): void
    {
        // the scale may fall silent meanwhile, and then one press is not there any more
        $this->until(fn (): bool => $this->has('textbox', 'What really went in') || $this->js('[...document.querySelectorAll("main button")].find((one) => ["Type it instead", "It came to something else"].includes(one.innerText))?.click()') === true, 'the field for what really went in');
        $this->type('What really went in', $amount);
        $this->press('button', 'That is it');
    }

    /** Presses keys for whatever has the focus, as the keyboard does. */
    public function keys(string ...$keys): void
    {
        foreach ($keys as $key) {
            foreach (isset(self::KEYS[$key]) ? [$key] : mb_str_split($key) as $press) {
                [$name, $code, $text] = self::KEYS[$press] ?? [$press, 0, $press];
                $event = ['key' => $name, 'code' => $name === ' ' ? 'Space' : $name, 'windowsVirtualKeyCode' => $code];
                $this->devtools('Input.dispatchKeyEvent', ['type' => 'keyDown', 'text' => $text, ...$event]);
                $this->devtools('Input.dispatchKeyEvent', ['type' => 'keyUp', ...$event]);
            }
        }
    }

    /** Walks with the Tab key until the focus is there. */
    public function tabTo(string $role, string $name): void
    {
        $wanted = $this->find($role, $name);
        for ($steps = 0; $steps < 120; $steps++) {
            if ($wanted->equals($this->driver->switchTo()->activeElement())) {
                return;
            }
            $this->keys(WebDriverKeys::TAB);
        }
        throw new RuntimeException("The Tab key never reaches $role \"$name\".");
    }

    /**
     * Presses "next" as a steady hand does, once what stands there has been seen, and waits for what comes after it.
     *
     * @param  string  $where  that is named by one of its data
     * @return array{string, int} what it was pressed for, and when, ms since 1970
     */
    public function pressNext(string $where, string $data): array
    {
        $pressed = null;
        $this->until(function () use ($where, $data, &$pressed): bool {
            $pressed = $this->js(self::PRESS_WHAT_IS_SEEN, $where, $data);

            return is_array($pressed);
        }, 'a steady hand');
        [$for, $at] = is_array($pressed) ? $pressed : ['', 0];
        $for = is_string($for) ? $for : '';
        $this->until(fn (): bool => $this->js('return document.querySelector(arguments[0])?.dataset[arguments[1]]', $where, $data) !== $for, "what comes after $for, at once");

        return [$for, is_int($at) ? $at : 0];
    }

    public function text(string $selector): string
    {
        $text = $this->js('return (document.querySelector(arguments[0])?.innerText ?? "").replace(/\s+/g, " ").trim()', $selector);

        return is_string($text) ? $text : '';
    }

    public function sees(string $text): bool
    {
        return str_contains($this->text('body'), $text);
    }

    public function untilSees(string $text): void
    {
        $this->until(fn (): bool => $this->sees($text), "\"$text\" on the page");
    }

    /** @param  callable(): bool  $holds */
    public function until(callable $holds, string $what): void
    {
        try {
            $this->driver->wait(self::PATIENCE_S, self::LOOK_EVERY_MS)->until(static function () use ($holds): bool {
                try {
                    return $holds();
                } catch (StaleElementReferenceException) {
                    // the page was drawn anew in between; look again
                    return false;
                }
            });
        } catch (TimeoutException) {
            throw new RuntimeException("Waited in vain for $what. The page says: ".mb_substr($this->text('body'), 0, 600));
        }
    }

    public function js(string $code, mixed ...$arguments): mixed
    {
        return $this->driver->executeScript($code, $arguments);
    }

    /** What the browser complained about, but for addresses that a test makes unreachable. */
    public function complaints(): array
    {
        $log = $this->driver->manage()->getLog('browser');

        return array_values(array_filter(array_map(
            static fn (array $entry): string => $entry['level'] === 'SEVERE' ? (string) $entry['message'] : '',
            $log,
        ), static fn (string $message): bool => $message !== '' && ! str_contains($message, 'net::ERR_') && ! str_contains($message, 'status of 4') && ! str_contains($message, 'status of 503')));
    }
}
