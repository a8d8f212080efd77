<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Edge;

/**
 * How a film that runs over its edge thins, without units: thickness in films that the edge keeps, place from the
 * middle (0) to the edge (1), time T = ρg·h*³·M/(3b²).
 *
 * Straight: ∂H/∂T = ∂²(H⁴/4)/∂X², nothing flows at X = 0, H = 1 at X = 1, H = laid at T = 0. Round, in a circle
 * of twice the reach: ∂H/∂T = ¼·(1/X)·∂/∂X(X·∂(H⁴/4)/∂X). Solved by finite volumes, finer towards the edge, and TR-BDF2 (Bank et al. 1985) in growing steps: what leaves a cell enters the next, so that
 * the flow over the edge, summed, is what was laid less what stays.
 *
 * Source: lubrication theory with gravity; the edge's film balances weight and the pull of the corner.
 */
final class FaceFlow
{
    /** Cells that what is drawn and what is solved for needs. */
    public const CELLS = 40;

    /** Longest step, as a factor of the time so far. */
    public const STEP = 0.35;

    /** The first step, in times in which a film so thick feels its edge: by then a thousandth of it has run over. */
    private const FIRST = 1e-7;

    /** Past this all that can run over has. */
    public const LONGEST = 12.0;

    /** No step is longer: what is left then dies away with e^(−π²T/4). */
    private const LONGEST_STEP = 0.1;

    /** How much smaller each cell is than the one before, towards the edge, in all. */
    private const FINEST = 2e-4;

    private const GAMMA = 2 - M_SQRT2;

    /** What one more of Newton's steps would change is its square. */
    private const CLOSE = 1e-6;

    private const MOST_NEWTON = 25;

    private const MOST_STEPS = 20_000;

    /** @var list<float> widths of the cells, from the middle on */
    private array $widths;

    /** @var list<float> share of the face that lies in each cell */
    private array $shares;

    /** @var list<float> what flows across the far side of each cell for a step of H⁴/4 */
    private array $conductances;

    /** @var list<float> thickness in each cell */
    private array $thickness;

    private float $time = 0.0;

    /** Flow over the edge, per time. */
    private float $flow = INF;

    /** What has run over the edge so far. */
    private float $ranOver = 0.0;

    /**
     * @param  float  $laid  above 1, up to 100,000
     * @param  int  $cells  2 or more
     * @param  float  $step  longest step as a factor of the time so far, above 0
     */
    public function __construct(private readonly float $laid, int $cells = self::CELLS, private readonly float $step = self::STEP, FaceShape $shape = FaceShape::Straight)
    {
        $ratio = self::FINEST ** (1 / max(1, $cells - 1));
        $width = (1 - $ratio) / (1 - $ratio ** $cells);
        $widths = $shares = $conductances = [];
        for ($cell = 0; $cell < $cells; $cell++) {
            $widths[] = $width;
            $width *= $ratio;
        }
        $from = 0.0;
        foreach ($widths as $cell => $own) {
            $to = $cell === $cells - 1 ? 1.0 : $from + $own;
            $shares[] = $shape->shareWithin($to) - $shape->shareWithin($from);
            $conductances[] = $shape->flowAcross($to) * 2 / ($own + ($widths[$cell + 1] ?? 0.0));
            $from = $to;
        }
        [$this->widths, $this->shares, $this->conductances] = [$widths, $shares, $conductances];
        $this->thickness = array_fill(0, $cells, $laid);
    }

    /**
     * Goes on to a time; those before are past.
     *
     * @param  float  $time  0 or more; past 12 as at 12
     */
    public function to(float $time): self
    {
        $time = min($time, self::LONGEST);
        $first = self::FIRST / $this->laid ** 3;
        for ($steps = 0; $this->time < $time && $steps < self::MOST_STEPS; $steps++) {
            $next = min($time, max($first, $this->time + min(self::LONGEST_STEP, $this->time * $this->step)));
            $this->advance($next - $this->time);
            $this->time = $next;
        }

        return $this;
    }

    /** Mean thickness. */
    public function mean(): float
    {
        $mean = 0.0;
        foreach ($this->shares as $cell => $share) {
            $mean += $share * $this->thickness[$cell];
        }

        return $mean;
    }

    /** What flows over the edge per time; endless at time 0. */
    public function flow(): float
    {
        return $this->flow;
    }

    /** What has run over the edge so far: the flow, summed. */
    public function ranOver(): float
    {
        return $this->ranOver;
    }

    /** @return list<array{float, float}> place and thickness, from the middle to the edge */
    public function profile(): array
    {
        $points = [];
        $from = 0.0;
        foreach ($this->widths as $cell => $width) {
            $points[] = [$from + $width / 2, $this->thickness[$cell]];
            $from += $width;
        }

        return [[0.0, $points[0][1]], ...$points, [1.0, $this->time > 0 ? 1.0 : $this->laid]];
    }

    /** One step of TR-BDF2: half by the trapezoid, then by what is behind; the very first only backwards. */
    private function advance(float $length): void
    {
        $before = $this->thickness;
        if ($this->time === 0.0) {
            $this->thickness = $this->solve($before, $length, $before);
            $this->flow = $this->over($this->thickness);
            $this->ranOver += $length * $this->flow;

            return;
        }
        $part = self::GAMMA * $length / 2;
        $gains = $this->gains($before);
        $known = array_map(static fn (float $thickness, float $gain): float => $thickness + $part * $gain, $before, $gains);
        $middle = $this->solve($known, $part, $before);
        [$of, $off] = [1 / (self::GAMMA * (2 - self::GAMMA)), (1 - self::GAMMA) ** 2 / (self::GAMMA * (2 - self::GAMMA))];
        $known = array_map(static fn (float $thickness, float $was): float => $of * $thickness - $off * $was, $middle, $before);
        $last = (1 - self::GAMMA) / (2 - self::GAMMA) * $length;
        $this->thickness = $this->solve($known, $last, $middle);
        $flow = $this->over($this->thickness);
        $this->ranOver += $of * $part * ($this->flow + $this->over($middle)) + $last * $flow;
        $this->flow = $flow;
    }

    /**
     * Thickness H with H − length · gain(H) = known, by Newton's steps.
     *
     * @param  list<float>  $known
     * @param  list<float>  $guess
     * @return list<float>
     */
    private function solve(array $known, float $length, array $guess): array
    {
        $cells = count($known);
        [$shares, $conductances] = [$this->shares, $this->conductances];
        $thickness = $guess;
        for ($round = 0; $round < self::MOST_NEWTON; $round++) {
            // the matrix has three diagonals: forward
            $upper = $right = [];
            $before = $beforeSlope = 0.0;
            $flowIn = 0.0;
            for ($cell = 0; $cell < $cells; $cell++) {
                $h = $thickness[$cell];
                $cube = $h * $h * $h;
                $share = $length / $shares[$cell];
                $conductance = $conductances[$cell];
                $next = $cell + 1 < $cells ? $thickness[$cell + 1] : 1.0;
                $nextCube = $next * $next * $next;
                $flowOut = $conductance * ($cube * $h - $nextCube * $next) / 4;
                $under = -$share * $before * $beforeSlope;
                $at = 1 + $share * ($conductance + $before) * $cube;
                $rest = $known[$cell] - $h + $share * ($flowIn - $flowOut);
                if ($cell > 0) {
                    $at -= $under * $upper[$cell - 1];
                    $rest -= $under * $right[$cell - 1];
                }
                $upper[] = $cell + 1 < $cells ? -$share * $conductance * $nextCube / $at : 0.0;
                $right[] = $rest / $at;
                [$flowIn, $before, $beforeSlope] = [$flowOut, $conductance, $cube];
            }
            // and back
            $change = 0.0;
            $most = 0.0;
            for ($cell = $cells - 1; $cell >= 0; $cell--) {
                $change = $right[$cell] - $upper[$cell] * $change;
                // never below what the edge keeps on the way
                $thickness[$cell] = max(0.5, $thickness[$cell] + $change);
                $most = max($most, abs($change) / $thickness[$cell]);
            }
            if ($most < self::CLOSE) {
                break;
            }
        }

        return array_values($thickness);
    }

    /**
     * What each cell gains per time.
     *
     * @param  list<float>  $thickness
     * @return list<float>
     */
    private function gains(array $thickness): array
    {
        $gains = [];
        $in = 0.0;
        $cells = count($thickness);
        foreach ($thickness as $cell => $h) {
            $next = $cell + 1 < $cells ? $thickness[$cell + 1] : 1.0;
            $out = $this->conductances[$cell] * ($h ** 4 - $next ** 4) / 4;
            $gains[] = ($in - $out) / $this->shares[$cell];
            $in = $out;
        }

        return $gains;
    }

    /** @param  list<float>  $thickness */
    private function over(array $thickness): float
    {
        $cell = count($thickness) - 1;

        return $this->conductances[$cell] * ($thickness[$cell] ** 4 - 1) / 4;
    }
}
