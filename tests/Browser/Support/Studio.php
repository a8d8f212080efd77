<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use PDO;
use RuntimeException;
use Symfony\Component\Process\Process;

/** A studio of its own, served as bin/start serves it: own database, own storage, own port. */
final class Studio
{
    private const ROOT = __DIR__.'/../../..';

    private const LOOKS = 200;

    private const LOOK_EVERY_MS = 50;

    public readonly string $folder;

    public readonly int $port;

    private ?Process $server = null;

    public function __construct(private readonly string $seeder, ?int $port = null)
    {
        $this->folder = sys_get_temp_dir().'/open-glaze-'.bin2hex(random_bytes(6));
        foreach (['', '/app/private', '/framework/cache/data', '/framework/sessions', '/framework/views', '/logs'] as $folder) {
            mkdir($this->folder.$folder, 0775, true);
        }
        touch($this->folder.'/studio.sqlite');
        $this->port = $port ?? self::freePort();
        $this->artisan('migrate', '--force', '--seed', '--seeder='.$this->seeder);
    }

    /** @return non-empty-string */
    public function url(string $path): string
    {
        return "http://127.0.0.1:{$this->port}$path";
    }

    /** The path with the keys of pieces and coats turned into their numbers, and that of a coat into its last pour. */
    public function path(string $path): string
    {
        if (preg_match('~^/pours/([a-z][a-z0-9-]+)(/.*)?$~', $path, $found) === 1) {
            $row = $this->database()->prepare('select pours.id from pours join coats on coats.id = pours.coat_id where coats.key = ? order by pours.started_at desc');
            $row->execute([$found[1]]);
            $id = $row->fetchColumn();

            return $id === false ? $path : '/pours/'.$id.($found[2] ?? '');
        }

        return (string) preg_replace_callback('~^/(pieces|coats)/([a-z][a-z0-9-]*)(?=/|$)~', function (array $found): string {
            $row = $this->database()->prepare("select id from {$found[1]} where key = ?");
            $row->execute([$found[2]]);
            $id = $row->fetchColumn();

            return '/'.$found[1].'/'.($id === false ? $found[2] : $id);
        }, $path);
    }

    /** Where this studio looks for its scale; a test that wants one starts it there. */
    public function scaleSocket(): string
    {
        return $this->folder.'/scale.sock';
    }

    /** So much time goes by in the studio, at once; pages hear of it when they are opened. */
    public function pass(float $minutes): void
    {
        $clock = $this->folder.'/clock';
        file_put_contents($clock, (string) (60 * $minutes + (is_file($clock) ? (float) file_get_contents($clock) : 0.0)));
    }

    public function database(): PDO
    {
        return new PDO('sqlite:'.$this->folder.'/studio.sqlite', options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
    }

    /** One value of the studio's database. */
    public function value(string $query): string
    {
        return array_values($this->rows($query)[0] ?? [])[0] ?? '';
    }

    /** @return list<array<string, string>> rows of the studio's database */
    public function rows(string $query): array
    {
        $rows = [];
        foreach ($this->database()->query($query, PDO::FETCH_ASSOC) ?: [] as $row) {
            $rows[] = array_map(static fn (mixed $value): string => is_scalar($value) ? (string) $value : '', is_array($row) ? $row : []);
        }

        return $rows;
    }

    public function serve(): void
    {
        $this->server = new Process(['setsid', 'bin/serve', (string) $this->port], self::ROOT, $this->environment(), timeout: null);
        // its log is not read here, and a full pipe would stop it
        $this->server->disableOutput();
        $this->server->start();
        retry(self::LOOKS, fn (): string => @file_get_contents($this->url('/up')) ?: throw new RuntimeException('The studio does not open.'), self::LOOK_EVERY_MS);
    }

    /** A power cut in so many ms, while something else goes on. */
    public function killAfter(int $ms): void
    {
        $pid = $this->server?->getPid();
        if ($pid !== null) {
            $children = implode(' ', array_map(static fn (string $child): string => "-$child", explode("\n", trim((string) shell_exec("pgrep -P $pid")))));
            exec(sprintf('(sleep %.3f; kill -STOP %d; kill -KILL -- %s -%d) >/dev/null 2>&1 &', $ms / 1000, $pid, $children, $pid));
        }
    }

    /** Of all that serves, only what was started first is killed. */
    public function killFirst(): void
    {
        $pid = $this->server?->getPid();
        if ($pid !== null) {
            posix_kill($pid, 9);
        }
        $this->server = null;
    }

    /** @return list<int> of the processes that serve this studio, those whose command holds such words */
    public function processes(string $words): array
    {
        $found = $all = [];
        foreach (explode("\n", trim((string) shell_exec('ps -eo pid=,ppid=,args='))) as $line) {
            [$pid, $parent, $command] = [...preg_split('/\s+/', trim($line), 3) ?: [], '', '', ''];
            $all[(int) $pid] = [(int) $parent, $command];
        }
        foreach ($all as $pid => [$parent, $command]) {
            for ($up = $pid; isset($all[$up]) && $up !== $this->server?->getPid(); $up = $all[$up][0]) {
                continue;
            }
            if ($up === $this->server?->getPid() && str_contains($command, $words)) {
                $found[] = $pid;
            }
        }

        return $found;
    }

    /** As a power cut would: no goodbye, for the servers and their workers neither. */
    public function kill(): void
    {
        $pid = $this->server?->getPid();
        if ($pid !== null) {
            posix_kill($pid, 19);
            foreach (explode("\n", trim((string) shell_exec("pgrep -P $pid"))) as $child) {
                posix_kill(-(int) $child, 9);
            }
            posix_kill(-$pid, 9);
        }
        $this->server = null;
    }

    /** Folds the rows of the bench anew from the journal. */
    public function rebuild(): void
    {
        $this->artisan('glaze:rebuild');
    }

    public function remove(): void
    {
        $this->kill();
        (new Process(['rm', '-rf', $this->folder]))->run();
    }

    public function log(): string
    {
        return implode('', array_map(static fn (string $file): string => (string) file_get_contents($file), glob($this->folder.'/logs/open-glaze*.log') ?: []));
    }

    private function artisan(string ...$arguments): void
    {
        (new Process([PHP_BINARY, '-d', 'variables_order=EGPCS', 'artisan', ...$arguments], self::ROOT, $this->environment()))->mustRun();
    }

    /** Runs a script of the project for this studio. @return string what it prints */
    public function php(string $script, string ...$arguments): string
    {
        return (new Process([PHP_BINARY, '-d', 'variables_order=EGPCS', '-d', 'memory_limit=1G', $script, ...$arguments], self::ROOT, $this->environment(), timeout: 600))->mustRun()->getOutput();
    }

    /** @return array<string, string> */
    private function environment(): array
    {
        return [
            'APP_ENV' => 'production',
            'DB_DATABASE' => $this->folder.'/studio.sqlite',
            'LARAVEL_STORAGE_PATH' => $this->folder,
            'SERVED_AT' => "127.0.0.1:{$this->port}",
            'SCALE_SOCKET' => $this->scaleSocket(),
            'STUDIO_CLOCK' => $this->folder.'/clock',
            'SESSION_DRIVER' => 'cookie',
            'CACHE_STORE' => 'file',
        ];
    }

    public static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        if ($socket === false) {
            throw new RuntimeException('There is no free port.');
        }
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return (int) substr($name, (int) strrpos($name, ':') + 1);
    }
}
