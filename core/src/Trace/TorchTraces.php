<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Trace;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Film\TorchPlan;
use OpenGlaze\Core\Message\Message;

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
        $heals = $film->torch->closesMin < $film->flowing->openMin;
        $open = TraceInput::computed('open_min', Message::of('traces.open_time_left'), $film->flowing->openMin, 'min', 'open_min');
        if (! $heals) {
            return $this->trace('closes_min', Message::of('traces.the_film_closes_after_title'), $film->torch->closesMin,
                Message::of('traces.the_open_time_left_until_then_a_10_mm_dimple'), 'open_min', [$open]);
        }
        $left = "3 / ((thickness_mm / 1000) ** 3 * $pull)";

        return $this->trace('closes_min', Message::of('traces.the_film_closes_after_title'), $film->torch->closesMin,
            Message::of('traces.when_a_10_mm_dimple_would_no_longer_heal'),
            $film->torch->closesMin > 0 ? $this->inputs->minutesToMobility("mobility - $left") : "max(0, mobility - $left)",
            [
                TraceInput::constant('dimple_mm', Message::of('traces.dimple'), TorchPlan::DIMPLE_MM, 'mm'),
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
                ? $this->trace('pass_1_min', Message::of('traces.first_pass_title'), $min,
                    Message::of('traces.when_bubbles_of_100_um_have_risen_and_not'),
                    'max(rise_100_min, spread_min)',
                    [$this->rise(100, $film->rising->rise100Min), TraceInput::sourced('spread_min', Message::of('traces.spreading_takes'), $case->studio->hands->spreadMin, 'min')])
                : $this->trace('pass_2_min', Message::of('traces.second_pass'), $min,
                    Message::of('traces.when_bubbles_of_50_um_have_risen_and_some'),
                    'max(rise_50_min, pass_1_min + between_min)',
                    [
                        $this->rise(50, $film->rising->rise50Min),
                        TraceInput::computed('pass_1_min', Message::of('traces.first_pass'), $film->torch->passesMin[0], 'min', 'pass_1_min'),
                        TraceInput::sourced('between_min', Message::of('traces.least_time_between'), $case->studio->hands->secondTorchMin, 'min'),
                    ]);
        }

        return $traces;
    }

    private function lookOfUnknownFilm(): Trace
    {
        $torch = $this->result->film->torch;

        return $this->trace('look_min', Message::of('traces.last_look'), $torch->lookMin, Message::of('traces.after_the_spreading_since_how_deep_it_stands'), 'min(0.8 * closes_min, spread_min)', [
            TraceInput::computed('closes_min', Message::of('traces.the_film_closes_after'), $torch->closesMin, 'min', 'closes_min'),
            TraceInput::sourced('spread_min', Message::of('traces.spreading_takes'), $this->result->case->studio->hands->spreadMin, 'min'),
        ]);
    }

    private function look(): Trace
    {
        $case = $this->result->case;
        $torch = $this->result->film->torch;
        $closes = TraceInput::computed('closes_min', Message::of('traces.the_film_closes_after'), $torch->closesMin, 'min', 'closes_min');
        $words = Message::of('traces.look_when');
        if ($case->airFromBelow()) {
            return $this->trace('look_min', Message::of('traces.last_look'), $torch->lookMin, Message::of('traces.at_80_of_the_closing_time_something_gives_off'), '0.8 * closes_min', [$closes]);
        }
        if ($this->result->film->rising->rise30Min === null) {
            return $this->trace('look_min', Message::of('traces.last_look'), $torch->lookMin, Message::of('traces.never_rise', words: $words), '0.8 * closes_min', [$closes]);
        }
        $last = $torch->lastPassMin();
        $soonest = $last === null
            ? [TraceInput::sourced('spread_min', Message::of('traces.spreading_takes'), $case->studio->hands->spreadMin, 'min')]
            : [
                TraceInput::computed('last_pass_min', Message::of('traces.last_pass'), $last, 'min', 'pass_'.count($torch->passesMin).'_min'),
                TraceInput::sourced('between_min', Message::of('traces.least_time_after_it'), $case->studio->hands->secondTorchMin, 'min'),
            ];

        return $this->trace('look_min', Message::of('traces.last_look'), $torch->lookMin, $words,
            sprintf('min(0.8 * closes_min, max(rise_30_min, %s))', $last === null ? 'spread_min' : 'last_pass_min + between_min'),
            [$closes, $this->rise(30, $this->result->film->rising->rise30Min), ...$soonest]);
    }

    private function rise(int $radiusUm, ?float $min): TraceInput
    {
        return TraceInput::computed("rise_{$radiusUm}_min", Message::of('traces.bubbles_are_out', radius: $radiusUm), $min ?? INF, 'min', "rise_{$radiusUm}_min");
    }

    /** @param  list<TraceInput>  $inputs */
    private function trace(string $figure, Message $label, ?float $min, Message $words, string $expression, array $inputs): Trace
    {
        return new Trace($figure, $label, 'min', $min, $words, $expression, $inputs, $this->inputs->note());
    }
}
