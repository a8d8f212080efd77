<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Device\LineSocket;
use App\Scale\ScaleFault;
use App\Scale\SocketScale;
use OpenGlaze\Core\Tests\Support\English;
use OpenGlaze\StandIns\Scale\BenchScale;
use OpenGlaze\StandIns\Scale\Talk;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\DeviceProcess;

/** The stand-in of a bench scale, and the adapter that reads it. */
final class ScaleTest extends TestCase
{
    public function test_it_settles_on_what_lies_on_it_and_what_was_in_the_air_falls_after(): void
    {
        $scale = self::still();
        $scale->pourAt(40.0);
        $scale->passTo(1.0);
        $scale->stop();
        $stopped = $scale->display();
        self::assertFalse($scale->isSteady());
        foreach (range(1, 60) as $step) {
            $scale->passTo(1.0 + 0.05 * $step);
        }
        self::assertTrue($scale->isSteady());
        self::assertEqualsWithDelta(40.0 + 40.0 * 0.25, $scale->display(), 0.1, 'a stream is a quarter of a second in the air');
        self::assertLessThan($scale->display(), $stopped);
    }

    public function test_zero_shows_nothing_and_lifting_shows_less(): void
    {
        $scale = self::still();
        $scale->put(48.5);
        $scale->passTo(5.0);
        self::assertSame(48.5, $scale->display());
        $scale->tare();
        self::assertSame(0.0, $scale->display());
        $scale->clear();
        $scale->passTo(10.0);
        self::assertSame(-48.5, $scale->display());
    }

    public function test_it_trembles_and_drifts_no_more_than_a_few_tenths(): void
    {
        mt_srand(2);
        $scale = new BenchScale(static fn (): float => mt_rand() / mt_getrandmax());
        $scale->put(200.0);
        foreach (range(1, 600) as $second) {
            $scale->passTo((float) $second);
            if ($second > 5) {
                self::assertEqualsWithDelta(200.0, $scale->display(), 0.5);
                self::assertEqualsWithDelta(0.0, fmod(round($scale->display() * 10), 1.0), 1e-9, 'in tenths of a gram');
            }
        }
    }

    #[TestWith(['nonsense', 'not_understood'])]
    #[TestWith(['{"ask": "weather"}', 'not_understood'])]
    #[TestWith(['[]', 'not_understood'])]
    public function test_what_it_does_not_understand_it_says(string $line, string $fault): void
    {
        self::assertSame($fault, json_decode((new Talk(self::still()))->answer($line, 0.0))->fault);
    }

    public function test_without_power_it_says_so_and_shows_nothing_for_what_lies_on_it_afterwards(): void
    {
        $talk = new Talk(self::still());
        $talk->answer('{"hand": "put", "grams": 60}', 0.0);
        $talk->answer('{"hand": "unplug"}', 1.0);
        self::assertSame('unplugged', json_decode($talk->answer('{"ask": "reading"}', 2.0))->fault);
        $talk->answer('{"hand": "plug"}', 3.0);
        self::assertEqualsWithDelta(0.0, json_decode($talk->answer('{"ask": "reading"}', 4.0))->grams, 0.05);
        $talk->answer('{"hand": "put", "grams": 6000}', 5.0);
        self::assertSame('overloaded', json_decode($talk->answer('{"ask": "reading"}', 6.0))->fault);
    }

    public function test_the_adapter_reads_a_real_process_and_outlives_it(): void
    {
        $process = new DeviceProcess;
        $process->start();
        $scale = new SocketScale(new LineSocket($process->path));
        self::assertTrue($scale->hand('put', 25.0));
        $reading = $scale->reading();
        // each question is answered at once, so it is asked until the display has settled
        $patience = hrtime(true) + 10_000_000_000;
        while (! $reading->isSteady && hrtime(true) < $patience) {
            $reading = $scale->reading();
        }
        self::assertTrue($reading->isSteady, 'it settles');
        self::assertEqualsWithDelta(25.0, $reading->grams ?? 0.0, 0.3);
        self::assertTrue($reading->isStandIn);
        self::assertEqualsWithDelta(0.0, $scale->zero()->grams ?? INF, 0.15);
        $process->kill();
        self::assertSame(ScaleFault::Absent, $scale->reading()->fault);
        self::assertFalse($scale->hand('put', 1.0));
        self::assertSame(ScaleFault::Absent, (new SocketScale(new LineSocket(null)))->reading()->fault);
        $process->remove();
    }

    public function test_every_fault_has_a_sentence(): void
    {
        foreach (ScaleFault::cases() as $fault) {
            self::assertMatchesRegularExpression('/^[A-Z].+\.$/', English::say($fault->said()));
        }
    }

    private static function still(): BenchScale
    {
        return new BenchScale(static fn (): float => 0.5);
    }
}
