<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Outline;

/**
 * Reads SVG path data in mm: lines, quadratic and cubic curves, arcs. Every subpath is closed.
 *
 * Source: SVG 2 recommendation, chapter 9.
 */
final class SvgPath
{
    private const ARGUMENTS = ['M' => 2, 'L' => 2, 'H' => 1, 'V' => 1, 'C' => 6, 'S' => 4, 'Q' => 4, 'T' => 2, 'A' => 7, 'Z' => 0];

    private const NUMBER = '/\G[\s,]*([-+]?(?:\d+\.?\d*|\.\d+)(?:[eE][-+]?\d+)?)/';

    private const FLAG = '/\G[\s,]*([01])/';

    private int $at = 0;

    private Point $here;

    private Point $begin;

    private ?Point $lastCubic = null;

    private ?Point $lastQuadratic = null;

    /** @var list<Segment> */
    private array $segments = [];

    /** @var list<Loop> */
    private array $loops = [];

    private function __construct(private readonly string $data)
    {
        $this->here = $this->begin = new Point(0, 0);
    }

    /**
     * The closed loops in their order; the first is the outline, the others its holes.
     *
     * @return non-empty-list<Loop>
     *
     * @throws OutlineException when it is not path data, or encloses nothing
     */
    public static function loops(string $data): array
    {
        $path = new self($data);
        $path->read();

        return $path->loops === [] ? throw OutlineException::enclosesNothing() : $path->loops;
    }

    private function read(): void
    {
        $command = '';
        while (true) {
            $this->at += strspn($this->data, " \t\r\n\f,", $this->at);
            if ($this->at >= strlen($this->data)) {
                break;
            }
            $sign = $this->data[$this->at];
            if (isset(self::ARGUMENTS[strtoupper($sign)])) {
                $command = $sign;
                $this->at++;
            } elseif ($command === '' || strtoupper($command) === 'Z') {
                throw OutlineException::notPathData($this->at);
            } elseif (strtoupper($command) === 'M') {
                $command = $command === 'M' ? 'L' : 'l';
            }
            $this->perform($command, $this->arguments(strtoupper($command)));
        }
        $this->close();
    }

    /** @return list<float> */
    private function arguments(string $command): array
    {
        $numbers = [];
        for ($i = 0; $i < self::ARGUMENTS[$command]; $i++) {
            $pattern = $command === 'A' && ($i === 3 || $i === 4) ? self::FLAG : self::NUMBER;
            if (preg_match($pattern, $this->data, $found, 0, $this->at) !== 1 || abs((float) $found[1]) > 1e6) {
                throw OutlineException::notPathData($this->at + strspn($this->data, " \t\r\n\f,", $this->at));
            }
            $this->at += strlen($found[0]);
            $numbers[] = (float) $found[1];
        }

        return $numbers;
    }

    /** @param  list<float>  $n */
    private function perform(string $command, array $n): void
    {
        $from = ctype_lower($command) ? $this->here : new Point(0, 0);
        $to = static fn (int $i): Point => $from->plus(new Point($n[$i], $n[$i + 1]));
        $cubic = $quadratic = null;
        switch (strtoupper($command)) {
            case 'M':
                $this->close();
                $this->here = $this->begin = $to(0);
                break;
            case 'L':
                $this->add(new Line($this->here, $to(0)));
                break;
            case 'H':
                $this->add(new Line($this->here, new Point($from->x + $n[0], $this->here->y)));
                break;
            case 'V':
                $this->add(new Line($this->here, new Point($this->here->x, $from->y + $n[0])));
                break;
            case 'C':
                $this->add(new Cubic($this->here, $to(0), $cubic = $to(2), $to(4)));
                break;
            case 'S':
                $this->add(new Cubic($this->here, $this->mirrored($this->lastCubic), $cubic = $to(0), $to(2)));
                break;
            case 'Q':
                $this->add(Cubic::quadratic($this->here, $quadratic = $to(0), $to(2)));
                break;
            case 'T':
                $quadratic = $this->mirrored($this->lastQuadratic);
                $this->add(Cubic::quadratic($this->here, $quadratic, $to(0)));
                break;
            case 'A':
                $this->add(EllipticArc::between($this->here, $to(5), $n[0], $n[1], $n[2], $n[3] === 1.0, $n[4] === 1.0));
                break;
            case 'Z':
                $this->close();
        }
        $this->lastCubic = $cubic;
        $this->lastQuadratic = $quadratic;
    }

    private function add(Segment $segment): void
    {
        if (! $segment->isPoint()) {
            $this->segments[] = $segment;
        }
        $this->here = $segment->end();
    }

    private function mirrored(?Point $control): Point
    {
        return $control === null ? $this->here : $this->here->times(2)->minus($control);
    }

    private function close(): void
    {
        if ($this->here->minus($this->begin)->length() > 1e-9) {
            $this->add(new Line($this->here, $this->begin));
        }
        if ($this->segments !== []) {
            $this->loops[] = new Loop($this->segments);
        }
        $this->segments = [];
        $this->here = $this->begin;
    }
}
