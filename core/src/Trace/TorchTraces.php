<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Trace;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Film\TorchPlan;

/** When the heat passes, when to look last, when the film closes. */
final readonly class TorchTraces
{
    private FilmInputs $inputs;

    public function __construct(private CoatResult $result)
    {
        $this->inputs = new FilmInputs($result);
    }

    /** @return list<Trace> */
    public function all(): array
    {
        return match (true) {
            $this->result->film->torch->lookMin === null => [$this->closes()],
            $this->result->case->flowing() === null => [$this->closes(), $this->lookOfUnknownFilm()],
            default => [$this->closes(), ...$this->passes(), $this->look()],
        };
    }

    private function closes(): Trace
    {
        $pull = '(tension * (2000 * pi / dimple_mm) ** 4 + density * 1000 * gravity * (2000 * pi / dimple_mm) ** 2)';
        $film = $this->result->film;
        $heals = $film->torch->closesMin < $film->openMin;
        $open = TraceInput::computed('open_min', 'open time left', $film->openMin, 'min', 'open_min');
        if (! $heals) {
            return $this->trace('closes_min', 'The film closes after', $film->torch->closesMin,
                'the open time left; until then a 10 mm dimple still heals', 'open_min', [$open]);
        }
        $left = "3 / ((thickness_mm / 1000) ** 3 * $pull)";

        return $this->trace('closes_min', 'The film closes after', $film->torch->closesMin,
            'when a 10 mm dimple would no longer heal, sooner than the open time',
            $film->torch->closesMin > 0 ? $this->inputs->minutesToMobility("mobility - $left") : "max(0, mobility - $left)",
            [
                TraceInput::constant('dimple_mm', 'dimple', TorchPlan::DIMPLE_MM, 'mm'),
                $this->inputs->thickness(), $this->inputs->mobility(), $this->inputs->density(),
                $this->inputs->tension(), $this->inputs->gravity(), ...($film->torch->closesMin > 0 ? $this->inputs->forMobility() : []),
            ]);
    }

    /** @return list<Trace> */
    private function passes(): array
    {
        $case = $this->result->case;
        $film = $this->result->film;
        $traces = [];
        foreach ($film->torch->passesMin as $index => $min) {
            $traces[] = $index === 0
                ? $this->trace('pass_1_min', 'First pass', $min,
                    'when bubbles of 100 µm have risen, and not before the spreading is done',
                    'max(rise_100_min, spread_min)',
                    [$this->rise(100, $film->rise100Min), TraceInput::sourced('spread_min', 'spreading takes', $case->studio->spreadMin, 'min')])
                : $this->trace('pass_2_min', 'Second pass', $min,
                    'when bubbles of 50 µm have risen, and some minutes after the first pass',
                    'max(rise_50_min, pass_1_min + between_min)',
                    [
                        $this->rise(50, $film->rise50Min),
                        TraceInput::computed('pass_1_min', 'first pass', $film->torch->passesMin[0], 'min', 'pass_1_min'),
                        TraceInput::sourced('between_min', 'least time between', $case->studio->secondTorchMin, 'min'),
                    ]);
        }

        return $traces;
    }

    private function lookOfUnknownFilm(): Trace
    {
        $torch = $this->result->film->torch;

        return $this->trace('look_min', 'Last look', $torch->lookMin, 'after the spreading, since how deep it stands is not known', 'min(0.8 * closes_min, spread_min)', [
            TraceInput::computed('closes_min', 'the film closes after', $torch->closesMin, 'min', 'closes_min'),
            TraceInput::sourced('spread_min', 'spreading takes', $this->result->case->studio->spreadMin, 'min'),
        ]);
    }

    private function look(): Trace
    {
        $case = $this->result->case;
        $torch = $this->result->film->torch;
        $closes = TraceInput::computed('closes_min', 'the film closes after', $torch->closesMin, 'min', 'closes_min');
        $words = 'when bubbles of 30 µm have risen, some minutes after the last pass, at the latest at 80 % of the closing time';
        if ($case->airFromBelow()) {
            return $this->trace('look_min', 'Last look', $torch->lookMin, 'at 80 % of the closing time: something gives off air from below, and looks go on until then', '0.8 * closes_min', [$closes]);
        }
        if ($this->result->film->rise30Min === null) {
            return $this->trace('look_min', 'Last look', $torch->lookMin, $words.'; they never rise here', '0.8 * closes_min', [$closes]);
        }
        $last = $torch->lastPassMin();
        $soonest = $last === null
            ? [TraceInput::sourced('spread_min', 'spreading takes', $case->studio->spreadMin, 'min')]
            : [
                TraceInput::computed('last_pass_min', 'last pass', $last, 'min', 'pass_'.count($torch->passesMin).'_min'),
                TraceInput::sourced('between_min', 'least time after it', $case->studio->secondTorchMin, 'min'),
            ];

        return $this->trace('look_min', 'Last look', $torch->lookMin, $words,
            sprintf('min(0.8 * closes_min, max(rise_30_min, %s))', $last === null ? 'spread_min' : 'last_pass_min + between_min'),
            [$closes, $this->rise(30, $this->result->film->rise30Min), ...$soonest]);
    }

    private function rise(int $radiusUm, ?float $min): TraceInput
    {
        return TraceInput::computed("rise_{$radiusUm}_min", "bubbles of $radiusUm µm are out after", $min ?? INF, 'min', "rise_{$radiusUm}_min");
    }

    /** @param  list<TraceInput>  $inputs */
    private function trace(string $figure, string $label, ?float $min, string $words, string $expression, array $inputs): Trace
    {
        return new Trace($figure, $label, 'min', $min, $words, $expression, $inputs, $this->inputs->note());
    }
}
