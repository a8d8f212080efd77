<?php

declare(strict_types=1);

namespace Tests\Browser;

use RuntimeException;
use Symfony\Component\Process\Process;
use Tests\Browser\Support\Page;
use Tests\Browser\Support\Studio;

/** A page of another origin, in the same browser on the same machine. */
final class StrangerTest extends BrowserTestCase
{
    public function test_it_neither_reads_nor_writes(): void
    {
        $port = Studio::freePort();
        $folder = self::$studio->folder.'/stranger';
        mkdir($folder);
        file_put_contents("$folder/index.html", '<!DOCTYPE html><main><h1>A page of somebody else</h1></main>');
        $other = new Process([PHP_BINARY, '-S', "127.0.0.1:$port", '-t', $folder]);
        $other->start();
        $before = self::$studio->database()->query('select document from plans')->fetchColumn();
        $stranger = new Page(['--host-resolver-rules=MAP stranger.example 127.0.0.1']);
        try {
            retry(100, fn (): string => file_get_contents("http://127.0.0.1:$port/") ?: throw new RuntimeException('not yet'), 50);
            $stranger->open("http://127.0.0.1:$port/index.html");
            foreach (['/', '/plans/1/file', '/now/pours'] as $path) {
                self::assertSame('refused', $this->asks($stranger, self::$studio->url($path), 'GET'), $path);
            }
            foreach (['/studio' => 'PUT', '/events' => 'POST', '/plans/1/evening' => 'PUT'] as $path => $method) {
                self::assertContains($this->asks($stranger, self::$studio->url($path), $method), ['refused', 'opaque'], $path);
            }

            // its own name, pointed at this machine: the browser takes it for the same origin, the studio does not
            $stranger->driver->get('http://stranger.example:'.self::$studio->port.'/');
            self::assertSame('Nothing is served at this address.', $stranger->text('body'));
            self::assertSame('421', $this->asks($stranger, '/plans/1/file', 'GET'));
            self::assertSame('421', $this->asks($stranger, '/events', 'POST'));
        } finally {
            $stranger->quit();
            $other->stop(0);
        }
        self::assertSame($before, self::$studio->database()->query('select document from plans')->fetchColumn());
        self::assertSame('Halfmoon Bench', self::$studio->database()->query('select name from plans')->fetchColumn());
    }

    private function asks(Page $page, string $url, string $method): string
    {
        return (string) $page->js(<<<'JS'
            const [url, method] = arguments
            const body = method === 'GET' ? undefined : JSON.stringify({ name: 'Taken over', batches: [] })
            const plain = await fetch(url, { method, body }).then((response) => String(response.status), () => 'refused')
            if (method === 'GET' || plain !== 'refused') return plain
            return fetch(url, { method: 'POST', mode: 'no-cors', body }).then((response) => response.type, () => 'refused')
            JS, $url, $method);
    }
}
