<?php

declare(strict_types=1);

namespace Tests\Support;

use RuntimeException;
use Symfony\Component\Process\Process;

/** The stand-in of a device as a process of its own: the scale's, or the sensor's. */
final class DeviceProcess
{
    public readonly string $path;

    private ?Process $process = null;

    public function __construct(?string $path = null, private readonly string $device = 'scale')
    {
        $this->path = $path ?? sys_get_temp_dir()."/$device-".bin2hex(random_bytes(6)).'.sock';
    }

    public function start(): void
    {
        $this->process = new Process([PHP_BINARY, __DIR__."/../../standins/{$this->device}/serve.php", $this->path], timeout: null);
        $this->process->start();
        $this->process->waitUntil(static fn (string $type, string $said): bool => str_contains($said, 'answers on'))
            || throw new RuntimeException("The {$this->device} does not start: ".$this->process->getErrorOutput());
    }

    /** As a cut of its power would: it says no goodbye, and leaves its socket behind. */
    public function kill(): void
    {
        $this->process?->stop(0, 9);
        $this->process = null;
    }

    public function remove(): void
    {
        $this->kill();
        @unlink($this->path);
    }
}
