<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

/** What axe finds on a page, of what it can find by itself. */
trait AsksAxe
{
    private function assertAxeFindsNothing(Page $page, string $where): void
    {
        if ($page->js('return typeof axe === "undefined"') === true) {
            $page->js((string) file_get_contents(__DIR__.'/../../../node_modules/axe-core/axe.min.js'));
        }
        $found = $page->driver->executeAsyncScript(<<<'JS'
            const done = arguments[arguments.length - 1]
            axe.run(document, { runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'] }).then(
                (result) => done(result.violations.map((one) => one.id + ': ' + one.nodes.map((node) => node.html + ' ' + node.failureSummary).join(' | '))),
                (error) => done([String(error)]),
            )
            JS);
        self::assertSame([], $found, $where);
    }
}
