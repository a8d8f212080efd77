<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\Browser\Support\Page;

/** What of the interface needs no page, in a browser and nothing else: no studio is served. */
final class PureTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';

    /** A draft of named texts, whose studio answers after so many ms, and notes what it was asked. */
    private const STUDIO = <<<'JS'
        const rules = {
            merged: (one, part) => ({ ...one, ...part }),
            without: (one, kept) => Object.fromEntries(Object.entries(one).filter(([key, value]) => kept[key] !== value)),
            isNothing: (one) => Object.keys(one).length === 0,
            reversed: (saved, kept) => Object.fromEntries(Object.keys(kept).map((key) => [key, saved[key] ?? ''])),
            showsFirst: false,
        }
        const wait = (ms) => new Promise((done) => setTimeout(done, ms))
        const made = (latency = () => 1, fails = () => null, more = {}) => {
            const asked = []
            let under = 0
            let most = 0
            let row = {}
            let version = 1
            const answering = async (kind, what) => {
                most = Math.max(most, ++under)
                asked.push([kind, { ...what }])
                const problem = fails(kind, what, asked.length)
                await wait(latency(asked.length))
                under--
                if (problem !== null) throw problem
            }
            const store = new Pure.store.DraftStore({ ...rules, ...more }, {
                show: async (what) => { await answering('show', what); return { ...row, ...what } },
                keep: async (what, read) => {
                    await answering('keep', { ...what, ...(read.row > 1 ? { read: read.row } : {}) })
                    row = { ...row, ...what }
                    return { saved: row, answer: row, read: { row: ++version } }
                },
            }, { touched: {}, saved: {}, answer: {}, read: { row: 1 }, sentences: {} }, 5)
            const settled = async () => { while (!Pure.draft.isSettled(store.look()) || store.look().standing === 'cut-off') await wait(1) }
            return { store, asked, settled, kept: () => asked.filter(([kind]) => kind === 'keep').map(([, what]) => what), row: () => row, most: () => most }
        }
        JS;

    private static Page $page;

    public static function setUpBeforeClass(): void
    {
        (new Process([self::ROOT.'/node_modules/.bin/vite', 'build', '--config', 'tests/Browser/Pure/vite.config.ts'], self::ROOT))->mustRun();
        self::$page = new Page;
        self::$page->driver->get('about:blank');
        self::$page->js((string) file_get_contents(self::ROOT.'/storage/framework/testing/pure/pure.js').'; window.Pure = Pure');
    }

    public static function tearDownAfterClass(): void
    {
        self::$page->quit();
    }

    public function test_a_text_that_is_typed_while_another_is_being_kept_is_not_kept_with_it(): void
    {
        foreach (['its answer was under way' => 'await wait(0)', 'its answer was there' => 'await studio.settled()'] as $when => $before) {
            $said = $this->played(<<<JS
                const studio = made(() => 20)
                studio.store.tell({ what: 'touched', part: { width: '4' } })
                $before
                studio.store.tell({ what: 'left' })
                studio.store.tell({ what: 'touched', part: { height: '7' } })
                await studio.settled()
                const { touched, standing, answer } = studio.store.look()
                return { kept: studio.kept(), touched, standing, answer }
                JS);
            self::assertSame([['width' => '4']], $said['kept'], $when);
            self::assertSame(['height' => '7'], $said['touched'], $when);
            self::assertSame('changing', $said['standing'], $when);
            self::assertEquals(['width' => '4', 'height' => '7'], $said['answer'], 'and what is typed is shown');
        }
    }

    public function test_leaving_a_field_twice_keeps_it_once(): void
    {
        self::assertSame([['width' => '4']], $this->played(<<<'JS'
            const studio = made(() => 10)
            studio.store.tell({ what: 'touched', part: { width: '4' } })
            studio.store.tell({ what: 'left' })
            studio.store.tell({ what: 'left' })
            await wait(14)
            studio.store.tell({ what: 'left' })
            await studio.settled()
            studio.store.tell({ what: 'left' })
            await studio.settled()
            return studio.kept()
            JS));
    }

    public function test_what_somebody_else_changed_is_written_over_only_on_purpose(): void
    {
        $said = $this->played(<<<'JS'
            const studio = made(() => 1, (kind, what, times) => kind === 'keep' && what.read === undefined ? new Pure.http.Refused({ form: 'changed' }, 'stale', 7) : null)
            studio.store.tell({ what: 'touched', part: { width: '4' } })
            studio.store.tell({ what: 'left' })
            await studio.settled()
            const first = studio.store.look()
            studio.store.tell({ what: 'touched', part: { height: '7' } })
            studio.store.tell({ what: 'left' })
            await studio.settled()
            const then = studio.store.look()
            const kept = studio.kept().length
            studio.store.tell({ what: 'mine' })
            await studio.settled()
            return { first: [first.standing, first.theirs], then: [then.standing, then.theirs], kept, answer: then.answer, at: studio.kept().at(-1), end: studio.store.look().standing }
            JS);
        self::assertEquals(['stale', ['version' => 7, 'sentence' => 'changed']], $said['first']);
        self::assertEquals($said['first'], $said['then'], 'it is said until somebody decides, whatever is shown meanwhile');
        self::assertSame(1, $said['kept'], 'leaving a field keeps nothing now');
        self::assertEquals(['width' => '4', 'height' => '7'], $said['answer'], 'what was typed is still shown');
        self::assertEquals(['width' => '4', 'height' => '7', 'read' => 7], $said['at']);
        self::assertSame('saved', $said['end']);
    }

    public function test_whatever_a_job_throws_the_next_is_put(): void
    {
        $said = $this->played(<<<'JS'
            const studio = made(() => 1, (kind, what, times) => times === 1 ? new Error('not thought of') : null)
            studio.store.tell({ what: 'touched', part: { width: '4' } })
            await studio.settled()
            const { standing, sentences } = studio.store.look()
            const isKept = await studio.store.flush()
            return { standing, sentences: Object.keys(sentences), isKept, end: studio.store.look().standing }
            JS);
        self::assertEquals(['standing' => 'refused', 'sentences' => ['form'], 'isKept' => true, 'end' => 'saved'], $said);
    }

    public function test_out_of_reach_it_waits_and_is_kept_once_when_the_studio_answers(): void
    {
        $said = $this->played(<<<'JS'
            const studio = made(() => 1, (kind, what, times) => times < 4 ? new Pure.http.Unreachable('nobody') : null)
            studio.store.tell({ what: 'touched', part: { width: '4' } })
            const isKept = await studio.store.flush()
            const { standing, touched } = studio.store.look()
            await studio.settled()
            return { isKept, standing, touched, row: studio.row(), end: studio.store.look().standing, kept: studio.kept().length }
            JS);
        self::assertSame([false, 'cut-off', ['width' => '4']], [$said['isKept'], $said['standing'], $said['touched']]);
        self::assertSame([['width' => '4'], 'saved'], [$said['row'], $said['end']]);
    }

    public function test_kept_changes_are_taken_back_one_by_one_and_that_is_no_step_itself(): void
    {
        $said = $this->played(<<<'JS'
            const studio = made()
            const rows = []
            for (const width of ['4', '5', '6']) {
                studio.store.tell({ what: 'left', part: { width } })
                await studio.settled()
                rows.push(studio.row().width)
            }
            while (studio.store.look().past.length > 0) {
                studio.store.tell({ what: 'back' })
                await studio.settled()
                rows.push(studio.row().width)
            }
            studio.store.tell({ what: 'back' })
            return rows
            JS);
        self::assertSame(['4', '5', '6', '5', '4', ''], $said);
    }

    public function test_what_is_shown_first_is_not_kept_where_it_cannot_be_shown(): void
    {
        $said = $this->played(<<<'JS'
            const studio = made(() => 2, (kind, what) => what.width === 'wide' ? new Pure.http.Refused({ width: 'no' }) : null, { showsFirst: true })
            for (const width of ['wide', '4']) {
                studio.store.tell({ what: 'touched', part: { width } })
                studio.store.tell({ what: 'left' })
                await studio.settled()
            }
            return studio.asked.map(([kind, what]) => kind + ' ' + what.width)
            JS);
        self::assertSame(['show wide', 'show 4', 'keep 4'], $said);
    }

    /** Hands that type, leave and take back at random, on a line that is slow, cut off and refused at random. */
    public function test_on_any_line_each_left_text_is_kept_and_none_that_was_not_left(): void
    {
        $said = $this->played(<<<'JS'
            const faults = []
            for (let seed = 1; seed <= 60; seed++) {
                let state = seed * 2654435761 % 2147483647
                const random = (below) => (state = (state * 48271) % 2147483647) % below
                const studio = made(() => random(6), (kind) => random(7) === 0 ? new Pure.http.Unreachable('nobody') : null)
                const left = new Set()
                for (let step = 0; step < 25; step++) {
                    const field = 'abc'[random(3)]
                    const part = { [field]: String(random(1000)) }
                    if (random(3) > 0) studio.store.tell({ what: 'touched', part })
                    else {
                        studio.store.tell({ what: 'left', part })
                        for (const [key, text] of Object.entries(studio.store.look().touched)) left.add(key + text)
                    }
                    await wait(random(5))
                }
                const typed = { ...studio.store.look().touched }
                await studio.settled()
                for (const what of studio.kept()) for (const [key, text] of Object.entries(what)) if (key !== 'read' && !left.has(key + text)) faults.push(`${seed} kept ${key}${text}`)
                if (studio.most() > 1) faults.push(`${seed} asked twice at once`)
                while (!(await studio.store.flush())) await studio.settled()
                for (const [key, text] of Object.entries(typed)) if (studio.row()[key] !== text) faults.push(`${seed} lost ${key}${text}`)
                if (studio.store.look().standing !== 'saved') faults.push(`${seed} ends ${studio.store.look().standing}`)
            }
            return faults
            JS);
        self::assertSame([], $said);
    }

    public function test_what_moved_while_nothing_was_heard_is_told_and_nothing_that_was_pressed_here(): void
    {
        $said = $this->played(<<<'JS'
            const act = (id, due, more = {}) => ({ id, title: id, due_at: due * 60000, event: null, ...more })
            const film = (id, acts, more = {}) => ({ id, title: id, poured_at: 1, off_at: null, acts, ...more })
            const told = (shown, heard) => Pure.whatMoved.whatMoved(shown, heard).map((one) => [one.film, one.now, ...[one.marked, one.times, one.came].map((acts) => acts.map((act) => act.id).join())])
            const shown = [film('fox', [act('pass-1', 5), act('wipe-1', 10)])]
            return [
                told(shown, shown),
                told(shown, [film('fox', [act('pass-1', 6), act('wipe-1', 11)])]),
                told(shown, [film('fox', [act('pass-1', 5, { event: 'theirs' }), act('wipe-1', 13), act('wipe-2', 20)])]),
                told([film('fox', [act('pass-1', 5, { event: 'mine' })])], [film('fox', [act('pass-1', 5, { event: 'mine' })])]),
                told(shown, []),
                told([film('fox', [], { off_at: 3 })], []),
                told([], [film('moon', [])]),
                told([film('fox', [act('pass-1', 0, { due_at: null })], { poured_at: null })], [film('fox', [act('pass-1', 5)])]),
            ]
            JS);
        self::assertSame([
            [],
            [],
            [['fox', null, 'pass-1', 'wipe-1', 'wipe-2']],
            [],
            [['fox', 'off', '', '', '']],
            [],
            [['moon', 'new', '', '', '']],
            [['fox', 'poured', '', '', '']],
        ], $said);
    }

    public function test_the_rules_of_a_coat_lay_changes_together_and_take_them_back(): void
    {
        $said = $this->played(<<<'JS'
            const rules = Pure.coatRules
            const touched = rules.merged({ coat: { kind: 'top' }, studio: { temperature_c: '19' } }, { coat: { cups: '2' }, piece: { edge_radius_mm: 1 } })
            const rows = { coat: { resin_id: 4, spec: { kind: 'flood' } }, room: { temperature_c: 21 }, edge: {} }
            return {
                touched,
                rest: rules.without(touched, { coat: { kind: 'top', cups: '3' }, studio: { temperature_c: '19' } }),
                nothing: [rules.isNothing({}), rules.isNothing(rules.without(touched, touched))],
                back: rules.reversed(rows, { ...touched, resin_id: 9 }),
            }
            JS);
        self::assertEquals(['coat' => ['kind' => 'top', 'cups' => '2'], 'studio' => ['temperature_c' => '19'], 'piece' => ['edge_radius_mm' => 1]], $said['touched']);
        self::assertEquals(['coat' => ['cups' => '2'], 'piece' => ['edge_radius_mm' => 1]], $said['rest']);
        self::assertSame([true, true], $said['nothing']);
        self::assertEquals(['coat' => ['kind' => 'flood', 'cups' => null], 'studio' => ['temperature_c' => 21], 'piece' => ['edge_radius_mm' => null], 'resin_id' => 4], $said['back']);
    }

    #[DataProvider('sayings')]
    public function test_what_a_figure_or_a_text_comes_to(mixed $expected, string $asked): void
    {
        self::assertSame($expected, self::$page->js("return $asked"), $asked);
    }

    /** @return iterable<string, array{mixed, string}> */
    public static function sayings(): iterable
    {
        // four cells of a layer 10 mm deep
        $strip = '{depth_mm:10,peak_min:10,mins:[0,10,20],frames:[[20,20,20,20],[40,60,50,30],[40,40,40,30]]}';
        foreach ([
            'Pure.format.joined(Pure.format.volume(49.94, "metric"))' => '49.9 ml',
            'Pure.format.joined(Pure.format.volume(512.4, "metric"))' => '512 ml',
            'Pure.format.joined(Pure.format.volume(-0.04, "metric"))' => '0.0 ml',
            'Pure.format.joined(Pure.format.volume(100, "imperial"))' => '3.38 fl oz',
            'Pure.format.joined(Pure.format.volume(1000, "imperial"))' => '33.8 fl oz',
            'Pure.format.digits(-0.001, 2)' => '0.00',
            'Pure.format.trimmed(2.50, 2)' => '2.5',
            'Pure.inTwo.bothSides("24 x 36 cm")' => ['24 cm', '36 cm'],
            'Pure.inTwo.bothSides("24 in × 36 cm")' => ['24 in', '36 cm'],
            'Pure.inTwo.bothSides("620 by 410")' => ['620', '410'],
            'Pure.inTwo.bothSides("620")' => null,
            'Pure.inTwo.bothSides("1 x 2 x 3")' => null,
            'Pure.inTwo.bothParts("100 to 44")' => ['100', '44'],
            'Pure.inTwo.bothParts("2/1")' => ['2', '1'],
            'Pure.inTwo.bothParts("two to one")' => null,
            '[0, 5, 10].map(Pure.linear.linear([0, 10], [100, 0]))' => [100, 50, 0],
            'Pure.linear.linear([0, 10], [100, 0]).back(50)' => 5,
            '[-3, 5, 99].map(Pure.linear.clamped([0, 10], [100, 0]))' => [100, 50, 0],
            '[0, 1, 10, 100, 1000].map(Pure.linear.byFactors([1, 100], [0, 4])).map((at) => Math.round(at * 1e9) / 1e9)' => [0, 0, 2, 4, 4],
            '[0, 30, 90].map(Pure.linear.bent([0, 90], [0, 2], 30)).map((at) => Math.round(at * 1e9) / 1e9)' => [0, 1, 2],
            "Pure.heatStrip.warmthAt($strip, null)" => ['at_mm' => 3.75, 'floor_c' => 40, 'hottest_c' => 60, 'min' => 10, 'top_c' => 30],
            "Pure.heatStrip.warmthAt($strip, 5)" => ['at_mm' => 3.75, 'floor_c' => 30, 'hottest_c' => 40, 'min' => 5, 'top_c' => 25],
            "Pure.heatStrip.warmthAt($strip, 99).hottest_c" => 40,
            "Pure.heatStrip.hotterThan($strip, 35)" => [null, [0, 0.8125], [0, 0.75]],
            "Pure.heatStrip.hotterThan($strip, 45)" => [null, [0.1875, 0.6875], null],
            'Pure.smooth.smoothPath([])' => '',
            'Pure.smooth.smoothPath([{x:0,y:0,corner:true},{x:9,y:0,corner:true},{x:9,y:9,corner:true}])' => 'M0 0L9 0L9 9L0 0Z',
            'Pure.smooth.sideNearest([{x:0,y:0},{x:9,y:0},{x:9,y:9}], {x:5,y:-1})' => 0,
            'Pure.smooth.sideNearest([{x:0,y:0},{x:9,y:0},{x:9,y:9}], {x:10,y:5})' => 1,
            'Pure.smooth.sideNearest([{x:0,y:0},{x:9,y:0},{x:9,y:9}], {x:3,y:5})' => 2,
            'Pure.marks.withPoint({length:[{x:1,y:1},{x:2,y:2}],sheet:[],loops:[[]]}, "length", {x:3,y:3}, false).length' => [['x' => 2, 'y' => 2], ['x' => 3, 'y' => 3]],
            'Pure.marks.withPointOnEdge({length:[],sheet:[],loops:[[{x:0,y:0},{x:9,y:0},{x:9,y:9}]]}, 0, {x:5,y:0}, true).loops[0].length' => 4,
            'Pure.marks.without({length:[],sheet:[],loops:[[{x:0,y:0},{x:9,y:0}]]}, {of:0,index:0}).loops' => [[['x' => 9, 'y' => 0]]],
        ] as $asked => $expected) {
            yield $asked => [$expected, $asked];
        }
    }

    public function test_a_pour_wants_the_first_act_that_nobody_did_and_time_has_not_passed(): void
    {
        $said = $this->played(<<<'JS'
            const act = (id, due_at, until_at, more = {}) => ({ id, due_at, until_at, due_min: due_at / 60000, done_at: null, skipped_because: null, ...more })
            const pour = { poured_at: 0, phases: [{ phase: 'wet', from: 0, from_min: 0, to: 50 }, { phase: 'tacky', from: 50, from_min: 0, to: null }],
                acts: [act('pass-1', 5, 20, { done_at: 6 }), act('wipe-1', 8, 12), act('pass-2', 15, 20, { skipped_because: 'none' }), act('cover', 18, null)] }
            const at = (now, of = pour) => { const one = Pure.pour.wanted(of, now); return one.kind === 'act' ? one.act.id + ' in ' + one.dueIn : one.kind + ' ' + (one.phase ?? '') }
            return [at(0, { ...pour, poured_at: null }), at(7), at(12), at(13), at(60), at(60, { ...pour, acts: [] }), at(40, { ...pour, acts: [] })]
            JS);
        self::assertSame(['pouring ', 'wipe-1 in 1', 'wipe-1 in -4', 'cover in 5', 'cover in -42', 'waiting tacky', 'waiting wet'], $said);
    }

    public function test_a_press_that_waits_is_seen_at_once_and_its_way_back_too(): void
    {
        $said = $this->played(<<<'JS'
            const press = (kind, facts, id = kind) => ({ id, kind, facts, pressed_ms: 90_000, offset_ms: 10_000, subject: 'film', version: 1, of: '' })
            const first = { poured_at: null, poured_event: null, closes_min: 20, phases: [], acts: [{ id: 'pass-1', due_min: 5, until_min: 20, due_at: null, until_at: null, done_at: null, skipped_because: null, event: null }], seen: [] }
            const poured = Pure.film.withFilmPress(first, press('poured', {}))
            const done = Pure.film.withFilmPress(poured, press('act_done', { act: 'pass-1' }))
            const back = Pure.film.withFilmPress(done, press('undone', { of: 'act_done' }, 'undo'))
            const twice = [1, 2].reduce((pour) => Pure.film.withFilmPress(pour, press('observed', { what: 'dust', text: '' })), poured)
            return [poured.poured_at, poured.acts[0].due_at, done.acts[0].done_at, back.acts[0].done_at, twice.seen.length]
            JS);
        self::assertSame([100_000, 400_000, 100_000, null, 1], $said);
    }

    /** What a script of the page gives, which may wait. */
    private function played(string $script): mixed
    {
        $said = self::$page->driver->executeAsyncScript('const told = arguments[arguments.length - 1]; (async () => {'.self::STUDIO."\n{".$script.'}})().then((value) => told({ value }), (problem) => told({ problem: String(problem?.stack ?? problem) }))');
        self::assertIsArray($said);
        self::assertArrayNotHasKey('problem', $said, is_string($said['problem'] ?? null) ? $said['problem'] : '');

        return $said['value'] ?? null;
    }
}
