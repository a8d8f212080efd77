<?php

declare(strict_types=1);

// Prints what things cost on this machine. Nothing here passes or fails.
//
//   php bench/run.php            everything
//   php bench/run.php core       only the core (also: endpoint, page, trace, mixing, run, size, start, journal, history, hostile, house)

use App\PlanFile\Json;
use App\PlanFile\PlanFile;
use Bench\BenchEvening;
use Bench\Edges;
use Bench\Figures;
use Bench\Hostile;
use Bench\House;
use Bench\Load;
use Bench\MixRoom;
use Bench\Outages;
use Bench\Plans;
use Bench\Tracing;
use Database\Seeders\DatabaseSeeder;
use OpenGlaze\Core\Answer\Planner;
use OpenGlaze\Core\Answer\ResultDocument;
use OpenGlaze\Core\Batch\BatchPlanner;
use OpenGlaze\Core\Batch\CupClock;
use OpenGlaze\Core\Batch\Proposal;
use OpenGlaze\Core\Document\BatchEntry;
use OpenGlaze\Core\Document\PlanDocument;
use OpenGlaze\Core\Edge\EdgeRun;
use OpenGlaze\Core\Edge\FilmStrip;
use OpenGlaze\Core\Film\Temperatures;
use OpenGlaze\Core\Heat\Base;
use OpenGlaze\Core\Heat\Curing;
use OpenGlaze\Core\Heat\LayerHeat;
use OpenGlaze\Core\Heat\LayerHeating;
use OpenGlaze\Core\Heat\PouredLayer;
use OpenGlaze\Core\Held\Dome;
use OpenGlaze\Core\Held\DomeEdge;
use OpenGlaze\Core\Judging\CoatAdvisor;
use OpenGlaze\Core\Keeping\WaysToKeep;
use OpenGlaze\Core\Measuring\Vessel;
use OpenGlaze\Core\Outline\Outlines;
use OpenGlaze\Core\Outline\Point;
use OpenGlaze\Core\Range\Ranges;
use OpenGlaze\Core\Reading\PlanReader;
use OpenGlaze\Core\Round\Rounds;
use OpenGlaze\Core\Round\SecondPair;
use OpenGlaze\Core\Run\Gloves;
use OpenGlaze\Core\Tests\Support\English;
use OpenGlaze\Core\Trace\Traces;
use Tests\Browser\Support\Page;
use Tests\Browser\Support\Studio;

require __DIR__.'/autoload.php';

chdir(dirname(__DIR__));
$wanted = array_slice($argv, 1) ?: ['core', 'endpoint', 'page', 'trace', 'mixing', 'run', 'size', 'start', 'journal', 'history', 'hostile', 'house'];
$example = (string) file_get_contents('docs/examples/autumn-sky.json');

if (in_array('core', $wanted, true)) {
    $large = Plans::large($example, 200);
    $plan = PlanFile::read($example)->plan;
    Figures::milliseconds('one live computation in the core', 500, fn () => array_map(CoatAdvisor::advise(...), (new Planner)->plan($plan)), 'aim 5 ms');
    Figures::milliseconds('the same, read from its file first', 500, fn () => array_map(CoatAdvisor::advise(...), (new Planner)->plan(PlanFile::read($example)->plan)));
    $result = (new Planner)->plan($plan)[0];
    Figures::milliseconds('all traces of one coat', 500, fn () => Traces::of($result));
    $curing = new Curing($plan->resins['bench']->kinetics($plan->studio), 720.0);
    $layer = new PouredLayer(12.0, 1100.0, Base::Wood->slabs(), Temperatures::steady(23.0));
    Figures::milliseconds('one layer of 12 mm through its base, to its peak', 100, fn () => LayerHeating::peaks($curing, $layer), 'aim 8 ms');
    Figures::milliseconds('the heat that a label\'s depth means, once a sheet', 10, fn () => LayerHeat::kJKg($curing, 20.0, 1100.0));
    $deep = static fn (array $size): PlanDocument => ($document = Json::read($example, PlanDocument::class))->with('coats', [$document->coats()[0]->with('containment', 'dammed')->with('runoff_pct', 0)->with('size_by', $size)]);
    foreach (['in one pour' => ['thickness_mm' => 7.0], 'in lifts' => ['total_depth_mm' => 12.0]] as $how => $size) {
        $poured = (new PlanReader)->read($deep($size));
        Figures::milliseconds("one deep coat $how", 20, fn () => array_map(CoatAdvisor::advise(...), (new Planner)->plan($poured)));
    }
    $hot = (new Planner)->plan((new PlanReader)->read($deep(['thickness_mm' => 7.0])))[0];
    Figures::milliseconds('its temperatures through its depth over time', 20, fn () => $hot->case->heat->strip());
    Figures::milliseconds('how sure a deep coat in lifts is, 64 draws', 3, fn () => Ranges::of($deep(['total_depth_mm' => 12.0])));
    $night = PlanFile::read(str_replace('"temperature_c": 21', '"temperatures": [{"at_h": 0, "c": 19}, {"at_h": 8, "c": 16}]', $example))->plan;
    Figures::milliseconds('one computation through a night that cools', 100, fn () => array_map(CoatAdvisor::advise(...), (new Planner)->plan($night)));
    $star = array_map(static function (int $i): Point {
        $reach = 400 + 60 * sin(37 * 2 * M_PI * $i / 5000);

        return new Point($reach * cos(2 * M_PI * $i / 5000), $reach * sin(2 * M_PI * $i / 5000));
    }, range(0, 4999));
    Figures::milliseconds('an outline of 5,000 points, checked and measured', 50, fn () => Outlines::polygon($star)->areaMm2(), 'aim 20 ms');
    foreach (['round' => Outlines::ellipse(40, 40), 'oval' => Outlines::ellipse(150, 70), 'square' => Outlines::rectangle(98, 98)] as $shape => $outline) {
        $edge = DomeEdge::of($outline);
        Figures::milliseconds("one $shape dome by its angle", 50, fn () => Dome::meetingAt($edge, 60, 1.835), 'aim 2 ms');
        Figures::milliseconds("one $shape dome by what it holds", 50, fn () => Dome::holding($edge, 1.6272, 1.835, 125), 'aim 2 ms');
    }
    Figures::milliseconds('one edge: what stays, runs off, its wipes', 200, fn () => EdgeRun::of($result->case->wetEdge() ?? throw new LogicException('an edge'), 1.0), 'aim 1 ms');
    Figures::milliseconds('how it looks from the pour until it has set', 50, fn () => FilmStrip::of($result->case->wetEdge() ?? throw new LogicException('an edge'), $result->film->flowing->gelsMin));
    Figures::milliseconds('every way to keep it, beside the plan', 20, fn () => WaysToKeep::of(Json::read($example, PlanDocument::class), 0));
    printf("%-48s %.4f %%\n", 'the table of edges, at worst beside its solver', 100 * Edges::worstShare());
    $evening = PlanFile::read(Plans::large($example, 15))->plan;
    $coats = (new Planner)->plan($evening);
    $vessels = array_map(static fn (int $mm): Vessel => Vessel::of($mm, $mm * 1.1, $mm), [45, 70, 100, 150, 220]);
    Figures::milliseconds(sprintf('batches proposed for %d coats, five vessels', count($coats)), 10, fn () => Proposal::of($evening->studio, $coats, $vessels), 'aim 15 ms');
    $batch = Proposal::of($evening->studio, [$coats[0]], $vessels)->batches[0];
    Figures::milliseconds('the clock of one cup, to its peak', 50, fn () => (new BatchPlanner)->compute($evening->studio, $batch, [$coats[0]]), 'aim 10 ms');
    $cup = (new BatchPlanner)->compute($evening->studio, $batch, [$coats[0]]);
    foreach (['one coat' => [], 'one coat with its cup' => [BatchEntry::from(['id' => 'b', 'coats' => ['flood'], 'cup_diameter_mm' => 100])]] as $what => $batches) {
        $document = PlanFile::read($example)->document->withBatches($batches);
        Figures::milliseconds("how sure $what is, 64 draws", 10, fn () => Ranges::of($document), $batches === [] ? 'aim 100 ms' : 'aim 300 ms');
    }
    Figures::milliseconds('one cup beside a dish, half of it, a cooler room', 50, fn () => CupClock::of($cup)?->compared());
    Figures::milliseconds('a plan of 200 pieces and 800 coats, from its file', 5, fn () => array_map(CoatAdvisor::advise(...), (new Planner)->plan(PlanFile::read($large)->plan)), 'aim 300 ms');
    $huge = Plans::large($example, 800);
    Figures::milliseconds('3,200 coats read, planned, written and proposed', 2, function () use ($huge): void {
        $plan = PlanFile::read($huge)->plan;
        $coats = (new Planner)->plan($plan);
        json_encode(ResultDocument::of($plan, English::speaker(), $coats));
        Proposal::of($plan->studio, $coats);
    }, 'aim 8000 ms');
    $noons = PlanFile::read(str_replace('"temperature_c": 21', '"temperatures": '.json_encode(array_map(static fn (int $at): array => ['at_h' => $at / 100, 'c' => 24 - 6 * $at / 9999], range(0, 9999))), $example))->plan;
    Figures::milliseconds('one coat through 10,000 temperatures', 10, fn () => (new Planner)->plan($noons), 'aim 50 ms');
    Figures::line('memory at its peak', sprintf('%.1f MB', memory_get_peak_usage() / 1e6));
}

if (array_intersect(['endpoint', 'page', 'trace', 'mixing'], $wanted) !== []) {
    $studio = new Studio(DatabaseSeeder::class);
    $studio->serve();
    $page = new Page;
    try {
        $page->open($studio->url($studio->path('/coats/autumn-flood')));
        if (in_array('endpoint', $wanted, true)) {
            $times = $page->driver->executeAsyncScript(<<<'JS'
                const done = arguments[arguments.length - 1]
                const token = decodeURIComponent(document.cookie.split('; ').find((part) => part.startsWith('XSRF-TOKEN')).replace(/^[^=]*=/, ''))
                const times = []
                ;(async () => {
                    for (let i = 0; i < 120; i++) {
                        const begin = performance.now()
                        const answer = await fetch(location.pathname + '/live', {
                            method: 'POST',
                            headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': token },
                            body: JSON.stringify({ coat: { size_by: { thickness_mm: 1 + i / 100 } } }),
                        })
                        await answer.json()
                        times.push(performance.now() - begin)
                    }
                    done(times.slice(20))
                })()
                JS);
            Figures::spread('one call of the live endpoint, in the browser', array_map(floatval(...), array_filter(is_array($times) ? $times : [], is_numeric(...))), 'ms', 'aim 50 ms');
        }
        if (in_array('page', $wanted, true)) {
            $load = static function () use ($page, $studio): float {
                $page->open($studio->url($studio->path('/coats/autumn-flood')));
                $page->find('slider', 'Film thickness');

                $at = $page->js('return performance.getEntriesByName("first-contentful-paint")[0]?.startTime ?? performance.getEntriesByType("navigation")[0].loadEventEnd');

                return is_int($at) || is_float($at) ? (float) $at : 0.0;
            };
            $cold = $warm = [];
            for ($i = 0; $i < 7; $i++) {
                $page->devtools('Network.clearBrowserCache');
                $cold[] = $load();
                $warm[] = $load();
            }
            Figures::spread('the coat page, cold, until it is drawn', $cold, 'ms', 'aim 1 s');
            Figures::spread('the coat page, warm, until it is drawn', $warm, 'ms', 'aim 1 s');
        }
        if (in_array('trace', $wanted, true)) {
            Figures::spread('a traced edge of 200 points, dragged: a frame', Tracing::frames($page, $studio), 'ms', 'aim 16.7 ms');
        }
        if (in_array('mixing', $wanted, true)) {
            Figures::spread('one cup of the demo evening changed, a call', MixRoom::change($page, $studio), 'ms', 'aim 50 ms');
            Figures::spread('from the scale\'s display to the screen', MixRoom::scaleToScreen($page, $studio), 'ms', 'aim 100 ms');
        }
    } finally {
        $page->quit();
        $studio->remove();
    }
}

if (in_array('run', $wanted, true)) {
    $acts = BenchEvening::twelve();
    Figures::milliseconds(sprintf('rounds over twelve pieces, %d acts, overdue', count($acts)), 30, fn () => Rounds::lay($acts, 36.0, Gloves::Sticky), 'aim 80 ms');
    $apart = BenchEvening::twelve(12.0);
    Figures::milliseconds(sprintf('the same with nothing late, %d acts', count($apart)), 30, fn () => Rounds::lay($apart, 0.0, Gloves::Sticky), 'aim 30 ms');
    $alone = Rounds::lay($acts, 36.0, Gloves::Sticky);
    Figures::milliseconds('what a second pair of hands takes over', 10, fn () => SecondPair::beside($alone, Gloves::Sticky));
    Figures::spread('a press without a network, until the next is shown', BenchEvening::presses(), 'ms', 'aim 50 ms');
    Figures::spread('the last checks of an empty bench, six cups planned', BenchEvening::checks(), 'ms');
    $rest = BenchEvening::atRest();
    Figures::spread('the run of eleven films, asked in the browser', $rest['state'], 'ms');
    Figures::spread('eleven clocks follow a room that cools', $rest['follow'], 'ms');
    Figures::spread('a rehearsal of eleven boards begins', $rest['rehearsal'], 'ms');
    Figures::line('timers set in a second at rest, at most', sprintf('%.0f', $rest['timers']), 'aim: one tick');
    Figures::line('the page grew in a minute at rest', sprintf('%.2f MB', $rest['heap']));
}

if (in_array('size', $wanted, true)) {
    $all = array_sum(array_map(Figures::gzipped(...), (array) glob('public/build/assets/*.js')));
    $coat = array_sum(array_map(Figures::gzipped(...), Figures::scriptsOf('resources/js/views/Coat/index.tsx')));
    Figures::line('script of the coat page, compressed', sprintf('%.1f kB', $coat / 1000), 'aim 200 kB');
    Figures::line('script of all pages, compressed', sprintf('%.1f kB', $all / 1000));
    Figures::line('styles, compressed', sprintf('%.1f kB', array_sum(array_map(Figures::gzipped(...), (array) glob('public/build/assets/*.css'))) / 1000));
}

if (in_array('start', $wanted, true)) {
    $port = Studio::freePort();
    Figures::line('bin/start again, until it answers', sprintf('%.1f s', Figures::secondsUntil(['bin/start', '--port', (string) $port], 'Open Glaze is at')));
    Figures::line('bin/test, until the first test', sprintf('%.1f s', Figures::secondsUntil(['bin/test', '--list-suites'], 'Available test suite')));
}

if (in_array('journal', $wanted, true)) {
    $studio = new Studio(DatabaseSeeder::class);
    try {
        $found = Outages::killed($studio, 200);
        Figures::line('200 servers killed while they write', sprintf('%d presses: %d lost, %d doubled, %s', $found['sent'], $found['lost'], $found['doubled'], $found['sound'] ? 'the database whole' : 'THE DATABASE BROKEN'), 'aim 0');
    } finally {
        $studio->remove();
    }
    $studio = new Studio(DatabaseSeeder::class);
    try {
        $studio->serve();
        $found = Outages::queued($studio, 10_000);
        Figures::line('10,000 presses of two devices, clocks wrong', sprintf('%d lost, %d doubled, %d out of order, in %.0f s', $found['lost'], $found['doubled'], $found['out_of_order'], $found['seconds']), 'aim 0');
    } finally {
        $studio->remove();
    }
}

if (in_array('history', $wanted, true)) {
    $studio = new Studio(DatabaseSeeder::class);
    try {
        Figures::line('10,000 pours folded anew', trim($studio->php('bench/write-history.php', '10000', '200')).' s');
        $studio->serve();
        $pour = $studio->value('select id from pours where written_at is null and poured_at is not null order by started_at desc');
        $piece = $studio->value('select piece_id from pours where piece_id is not null group by piece_id order by count(*) desc');
        $paths = ['/', '/now/pours', '/pieces', '/plans/1/evening', '/plans/1/evening/sheet', '/shelf', '/studio', "/pours/$pour", "/pieces/$piece/history", '/coats/6', '/coats/6/mix', '/plans/1/batches/batch-1'];
        foreach ($paths as $path) {
            Load::pages($studio, [$path], 1, 1);
        }
        foreach (Load::pages($studio, $paths, 8, 60) as $path => $times) {
            sort($times);
            [, , $queries, $megabytes] = explode(' ', trim($studio->php('bench/page.php', $path)));
            Figures::line('eight people, '.str_replace([$pour, $piece], ['…', '…'], $path), sprintf('p95 %.0f ms (median %.0f, of %d), %d queries, %.0f MB', $times[(int) floor(0.95 * (count($times) - 1))], $times[intdiv(count($times), 2)], count($times), $queries, $megabytes), 'aim 300 ms, 20, 64');
        }
    } finally {
        $studio->remove();
    }
}

if (in_array('hostile', $wanted, true)) {
    $studio = new Studio(DatabaseSeeder::class);
    try {
        $studio->serve();
        Hostile::print($studio);
    } finally {
        $studio->remove();
    }
}

if (in_array('house', $wanted, true)) {
    House::report();
}
