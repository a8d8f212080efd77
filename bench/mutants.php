<?php

declare(strict_types=1);

/**
 * How many small faults in the core's arithmetic its tests catch: one at random, the suite, the next.
 *
 * Usage: php bench/mutants.php [how many, 50] [seed, 1]
 *
 * The unchanged suite runs first: where it fails, nothing that it said of a fault would mean anything. Each fault
 * is made in a copy; the tests of its own room run first, then all of the core's.
 */
require __DIR__.'/autoload.php';

const ROOMS = ['Amount', 'Batch', 'Body', 'Coating', 'Colour', 'Cure', 'Edge', 'Film', 'Heat', 'Held', 'Keeping', 'Measuring', 'Mix', 'Numeric', 'Outline', 'Quantity', 'Range', 'Round', 'Run', 'Surface', 'Tracing', 'Weighing'];

const AT_ONCE = 2;

/** What runs so many times as long as the unchanged suite counts as caught. */
const LONGEST_RUNS = 3;

const SWAPS = ['+' => '-', '-' => '+', '*' => '/', '/' => '*', '<' => '>=', '>' => '<=', '<=' => '>', '>=' => '<', '&&' => '||', '||' => '&&', 'min' => 'max', 'max' => 'min', '===' => '!==', '!==' => '===', '+=' => '-=', '-=' => '+=', '*=' => '/=', '/=' => '*='];

/**
 * Lines in which a change leaves every result as it is, with the reason; none is made there.
 *
 * @var array<string, array<string, string>> line and reason, by file
 */
const SAME = [
    'Outline/Cubic.php' => [
        '$pieces = max(1, (int) ceil(sqrt(0.75 * $bend / $toleranceMm)));' => 'into how many points at least it is drawn',
        '$least = min($p0, $p3);' => 'only spares the search for turns between control points that reach beyond neither end',
        '$most = max($p0, $p3);' => 'the same',
        'if (abs($a) <= 1e-12 * (abs($b) + abs($c))) {' => 'what is told apart there turns past the ends',
    ],
    'Held/LongPuddle.php' => [
        'private const BENDS_WITHIN = 6.0;' => 'where an integral is split that is exact enough either way',
        'for ($i = 0; $i < self::MOST_SECANTS && abs($here) > self::NEAR && $slope < 0; $i++) {' => 'where the secant does not get there, the slower search does',
        '$next = $log - max(-2.0, min(2.0, $here / $slope));' => 'how far one step of the secant may go',
        '$slope = $next === $log ? $slope : ($there - $here) / ($next - $log);' => 'how the secant goes on',
        '$log = min(log(4 * tan($angle / 4) / ($capillary * sinh($halfWidth / $capillary))), -log($halfWidth));' => 'where the search begins',
        '$slope = -$capillary / ($capillary + $halfWidth);' => 'the slope that the secant begins with',
    ],
    'Held/Meniscus.php' => [
        'private const DRAWN = 24;' => 'how many points of the same curve are drawn',
    ],
    'Film/ChangingFilmClock.php' => [
        'private const LONGEST_STEP_MIN = 15.0;' => 'how long a step may be, of an integral that is exact enough either way',
    ],
    'Outline/EllipticArc.php' => [
        '$step = 2 * acos(max(0.0, 1 - $toleranceMm / max($this->rx, $this->ry)));' => 'the same',
        'if ($turned * $this->sweepRad >= 0 && abs($turned) <= abs($this->sweepRad)) {' => 'a quotient has the sign of its product',
        '$pieces = max(1, (int) ceil(abs($this->sweepRad) / max(1e-4, $step)));' => 'into how many points at most it is drawn',
        '$pieces = max(1, (int) ceil(abs($this->sweepRad) / self::AS_CURVE_RAD));' => 'as more curves it is the same arc',
    ],
    'Held/Dome.php' => [
        '$mixed = static fn (int $point, int $way): float => $share * ($round[$point][$way] ?? 0.0) + (1 - $share) * ($long[$point][$way] ?? 0.0);' => 'of what is all round or all straight, the other counts nothing',
        '$share * ($round->centreMm ?? 0.0) + (1 - $share) * ($long->centreMm ?? 0.0),' => 'of what is all round or all straight, the other counts nothing',
        '$share * ($round?->meanMm() ?? 0.0) + (1 - $share) * ($long?->meanMm($capillaryMm) ?? 0.0),' => 'the same',
        '1e-6,' => 'from where on the slower search looks',
        '1e-7,' => 'how near is near enough',
        '$next = rad2deg(2 * asin(min(1.0, sin(deg2rad($most->angleDeg) / 2) * $meanMm / $most->meanMm)));' => 'where the secant begins',
        'if ($here === $over) {' => 'the same',
        '[$over, $next] = [$here, $next - $here * ($next - $before->angleDeg) / ($here - $over)];' => 'where the secant does not get there, the slower search does',
        '$long = $edge->roundShare < 1.0 ? LongPuddle::meetingAt($edge->halfWidthMm(), $angleDeg, $capillaryMm) : null;' => 'of a round one, its straight share counts nothing',
        'for ($i = 0; $i < self::SECANTS && $next > 0 && $next <= 180; $i++) {' => 'where the secant does not get there, the slower search does',
    ],
    'Outline/Box.php' => [
        '$left = $right = $points[0]->x;' => 'any of them does to begin with',
        '$top = $bottom = $points[0]->y;' => 'the same',
    ],
    'Outline/Edges.php' => [
        'return max(min($axis[$one], $axis[$oneEnd]), min($axis[$other], $axis[$otherEnd]))' => 'where they share a stretch, an end of one lies on the other, which the edge beside it tells of',
        '<= min(max($axis[$one], $axis[$oneEnd]), max($axis[$other], $axis[$otherEnd]));' => 'the same',
        'if (abs($across) < 1e-12 * (hypot($abX, $abY) * hypot($cdX, $cdY) + 1e-12)) {' => 'how nearly two edges are parallel to count so',
        'return $along > 0 && abs($backX * $onY - $backY * $onX) <= 1e-12 * $along;' => 'how nearly an edge turns back on itself to lie on it',
    ],
    'Outline/SvgPath.php' => [
        'if ($this->here->minus($this->begin)->length() > 1e-9) {' => 'how near its end lies to where it began to count as closed',
    ],
    'Outline/Sweep.php' => [
        'private int $blocks = 0;' => 'by which numbers blocks are told apart',
        'private const BLOCK = 128;' => 'how large blocks are',
        '$this->met[$number] = array_splice($this->met[$block], self::BLOCK >> 1);' => 'how large blocks are',
        '$isEnd = array_map(fn (int $corner): int => $this->edges->left[$corner] !== $corner && $this->edges->left[$this->edges->before[$corner]] !== $corner ? 1 : 0, $corners);' => 'which of two comes first, by any two numbers',
    ],
    'Outline/Overlap.php' => [
        '$points = $piece->edge()->points(max(self::EDGE_TOLERANCE_MM, max($piece->boxWidthMm(), $piece->boxHeightMm()) / self::STRIPS));' => 'how finely it is drawn first',
        '$inward = new Point(-$along->y * $clockwise / $length * self::INWARD_MM, $along->x * $clockwise / $length * self::INWARD_MM);' => 'how far inside of it one looks',
        '$pieces = max(1, (int) ceil($length * 200 / max($piece->boxWidthMm(), $piece->boxHeightMm())));' => 'how finely an edge is walked along',
    ],
    'Held/Puddle.php' => [
        '$near = $this->curvature === null ? null : $this->curvature * tan(deg2rad($angleDeg) / 4) / tan(deg2rad($this->angleDeg) / 4);' => 'where the search begins',
        '$log = Root::below($misfit, log(2 / $radius), 1e-9, self::NEAR);' => 'how near is near enough',
        '$bend = 2 * $curvature + $z * $inverse - sin($phi) / $r;' => 'how large the next step is; where it is the last, the angle that is left goes with it',
        '$log = log($near ?? 2 * tan($angle / 4) / ($capillary * self::besselI1($radius / $capillary)));' => 'where the search begins',
        'return $x < 2 ? $x / 2 * exp($x ** 2 / 8) : exp($x) / sqrt(2 * M_PI * $x) * (1 - 3 / (8 * $x));' => 'the same',
        '$slope = -$capillary / ($capillary + $radius);' => 'the slope that the secant begins with',
        'for ($i = 0; $i < self::SECANTS && abs($here) > self::NEAR && $slope < 0; $i++) {' => 'where the secant does not get there, the slower search does',
        '$next = $log - max(-2.0, min(2.0, $here / $slope));' => 'how far one step of the secant may go',
        '$slope = $next === $log ? $slope : ($there - $here) / ($next - $log);' => 'how the secant goes on',
        'for ($steps = 0; $steps < self::MOST_STEPS; $steps++) {' => 'after how many steps it is given up',
        '$here = log($profile[0] / $radius);' => 'how far off the first guess is',
        '[$r, $z, $phi, $volume] = [$s, $curvature * $s * $s / 2, $curvature * $s, M_PI * $curvature * $s ** 4 / 4];' => 'what lies within that first step is next to nothing',
        '$s = min(1e-3 * $capillary, 1e-3 / $curvature, $angle / 10 / $curvature);' => 'how small the first step is; what it leaves out is told by small steps in a test',
        '$step = min(0.25 * $capillary, 0.25 / max(1e-12, abs($bend)), 0.5 * $r);' => 'the same of the next',
    ],
    'Amount/CoatVolume.php' => [
        '$next = $poured - ($poured + $residue - $outMl) / (1 + ($poured > 0 ? $residue * 2 / 3 / $poured : 0));' => 'how quickly Newton\'s steps get to where nothing is left over',
    ],
    'Heat/Until.php' => [
        'public float $min = 0.0,' => 'what is followed a minute longer has the same peak and the same ages',
    ],
    'Heat/Curing.php' => [
        'return $this->halfAgeMin * ((self::STEEPNESS - 1) / (self::STEEPNESS + 1)) ** (1 / self::STEEPNESS);' => 'from when on one asks whether the peak is over',
    ],
    'Heat/Heating.php' => [
        'max(self::STEPS_IN_CUP, (int) ceil(20 * $curing->halfAgeMin / $ageMin)), new Until($ageMin));' => 'how finely so short a run is followed',
        'for ($steps = 0; $age < $last && $steps < self::MOST_STEPS; $steps++) {' => 'after how many steps it is given up',
        '$celsius = $roomC + ($celsius - $roomC) * exp(-$cooling * $step);' => 'a thousand half ages on, nothing is left of what it was warmer',
    ],
    'Film/TorchPlan.php' => [
        'return $used <= 0 ? 0.0 : $clock->minutesToMobility($used) ?? INF;' => 'a film that has flowed so little is a second old',
    ],
    'Heat/PotLife.php' => [
        'if (abs($here - $potLifeMin) < self::NEAR_MIN) {' => 'how near is near enough',
        '$share = $longest === $shortest ? 0.5 : ($longest - $potLifeMin) / ($longest - $shortest);' => 'which way to close in on the same heat',
        '$heat = $low + ($high - $low) * min(0.95, max(0.05, $share));' => 'the same',
        'return ($low + $high) / 2;' => 'after forty halvings both are one',
    ],
];

$root = dirname(__DIR__);
$wanted = (int) ($argv[1] ?? 50);
mt_srand((int) ($argv[2] ?? 1));

/** @return list<array{string, int, string, string}> file, offset, what stands there, what takes its place */
function places(string $root): array
{
    $places = [];
    foreach (ROOMS as $room) {
        foreach (glob("$root/core/src/$room/*.php") ?: [] as $file) {
            if (str_ends_with($file, 'Exception.php') || str_ends_with($file, 'FlowTableValues.php')) {
                // what is said of a fault is no arithmetic; a table's thousands of numbers are held to each other by a test of their own
                continue;
            }
            $same = SAME["$room/".basename($file)] ?? [];
            $lines = array_map(trim(...), file($file) ?: []);
            $offset = 0;
            $body = false;
            $tokens = PhpToken::tokenize((string) file_get_contents($file));
            foreach ($tokens as $at => $token) {
                // what stands before the class, and constants of types, is no arithmetic
                $body = $body || $token->is([T_CLASS, T_ENUM]);
                $is = static fn (int ...$kinds): bool => $token->is($kinds);
                // a property may be called min
                $isName = $is(T_STRING) && ($tokens[$at + 1]->text ?? '') !== '(';
                $line = $lines[$token->line - 1];
                // how near is near enough, and after how many steps a search is given up
                if (isset($same[$line]) || preg_match('/^(private|public) const (NEAR(_\w+)?|NOTHING_MM|INWARD_MM|\w*TOLERANCE\w*|(MOST_)?SECANTS|MOST_STEPS|LEAST_RATE_\w+) =/', $line) === 1) {
                    // see there
                } elseif ($body && isset(SWAPS[$token->text]) && ! $isName) {
                    $places[] = [$file, $offset, $token->text, SWAPS[$token->text]];
                } elseif ($body && $is(T_LNUMBER, T_DNUMBER)) {
                    $places[] = [$file, $offset, $token->text, $is(T_LNUMBER) ? (string) (1 + (int) $token->text) : wrong((float) $token->text)];
                }
                $offset += strlen($token->text);
            }
        }
    }

    return $places;
}

/** What stands in place of a number: a tenth more; of what is only there to be small, a million times as much. */
function wrong(float $number): string
{
    return match (true) {
        $number === 0.0 => '1.0',
        abs($number) < 1e-5 => '('.$number * 1e6.')',
        default => '('.$number * 1.1.')',
    };
}

/** The tests of one room, where one is named, then all of the core's, as a command. */
function suite(string $root, string $bootstrap, string $room, int $longestS): string
{
    $phpunit = sprintf('timeout %d php %s --bootstrap %s --no-configuration --do-not-cache-result --fail-on-warning --stop-on-failure --stop-on-error --stop-on-warning', $longestS, escapeshellarg("$root/vendor/bin/phpunit"), escapeshellarg($bootstrap));

    return implode(' && ', array_map(static fn (string $tests): string => "$phpunit ".escapeshellarg($tests), array_filter([...$room === '' ? [] : ["$root/core/tests/$room"], "$root/core/tests"], is_dir(...))));
}

/** @return resource|null a running suite, of a copy in which one thing is wrong; null where it is no PHP any more */
function begin(string $root, string $copy, string $file, int $offset, string $is, string $becomes, int $longestS)
{
    $source = (string) file_get_contents($file);
    $mutant = substr($source, 0, $offset).$becomes.substr($source, $offset + strlen($is));
    @mkdir($copy, recursive: true);
    file_put_contents("$copy/mutant.php", $mutant);
    exec('php -l '.escapeshellarg("$copy/mutant.php").' 2>&1', $said, $status);
    if ($status !== 0) {
        return null;
    }
    $class = 'OpenGlaze\\Core\\'.str_replace(['/', '.php'], ['\\', ''], substr($file, strlen("$root/core/src/")));
    file_put_contents("$copy/bootstrap.php", sprintf(
        '<?php spl_autoload_register(static function (string $class): void { if ($class === %s) { require __DIR__."/mutant.php"; } }, prepend: true); require %s; spl_autoload_register(static function (string $class): void { if ($class === %1$s) { require_once __DIR__."/mutant.php"; } }, prepend: true);',
        var_export($class, true),
        var_export("$root/vendor/autoload.php", true),
    ));
    $process = proc_open(suite($root, "$copy/bootstrap.php", basename(dirname($file)), $longestS), [1 => ['file', "$copy/said", 'w'], 2 => ['file', "$copy/said", 'a']], $pipes);

    return is_resource($process) ? $process : null;
}

$began = hrtime(true);
exec(suite($root, "$root/vendor/autoload.php", '', 3600).' 2>&1', $said, $status);
if ($status !== 0) {
    fwrite(STDERR, "The unchanged tests do not pass, so nothing can be said of faults:\n".implode("\n", array_slice($said, -20))."\n");
    exit(1);
}
$longestS = LONGEST_RUNS * AT_ONCE * (int) ceil((hrtime(true) - $began) / 1e9);
$places = places($root);
shuffle($places);
$running = $survived = [];
$made = $caught = 0;
while ($made < $wanted || $running !== []) {
    while ($made < $wanted && count($running) < AT_ONCE && $places !== []) {
        [$file, $offset, $is, $becomes] = array_pop($places);
        $copy = sys_get_temp_dir()."/mutant-$made-".getmypid();
        $process = begin($root, $copy, $file, $offset, $is, $becomes, $longestS);
        if ($process !== null) {
            $line = 1 + substr_count((string) file_get_contents($file), "\n", 0, $offset);
            $running[] = [$process, $copy, sprintf('%s:%d  %s  becomes  %s', substr($file, strlen("$root/core/src/")), $line, $is, $becomes)];
            $made++;
        }
    }
    foreach ($running as $at => [$process, $copy, $what]) {
        $status = proc_get_status($process);
        if (! $status['running']) {
            $status['exitcode'] === 0 ? $survived[] = $what : $caught++;
            printf("%s  %s\n", $status['exitcode'] === 0 ? 'SURVIVED' : 'caught  ', $what);
            unset($running[$at]);
            array_map(unlink(...), glob("$copy/*") ?: []);
            rmdir($copy);
        }
    }
    usleep(20_000);
}
printf("\n%d of %d caught\n", $caught, $made);
foreach ($survived as $what) {
    echo "survived: $what\n";
}
