<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Trace;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Cure\DewPoint;
use OpenGlaze\Core\Judging\RoomRule;

/** When the film can be coated again, sanded, handled, used; and the dew point of the room. */
final readonly class WindowTraces
{
    private FilmInputs $inputs;

    public function __construct(private CoatResult $result)
    {
        $this->inputs = new FilmInputs($result);
    }

    /** @return list<Trace> */
    public function all(): array
    {
        $resin = $this->result->case->resin;
        $windows = $this->result->windows;
        $stages = [
            ['recoat_from_h', 'Window opens', $resin->recoatFromH, $windows->recoatFromH],
            ['recoat_to_h', 'Window shuts', $resin->recoatToH, $windows->recoatToH],
            ['sand_from_h', 'Can be sanded', $resin->sandFromH, $windows->sandFromH],
            ['handle_h', 'Can be handled', $resin->handleH, $windows->handleH],
            ['full_cure_h', 'Fully cured', $resin->fullCureH, $windows->fullCureH],
        ];
        $traces = [$this->dewPoint()];
        foreach ($stages as [$figure, $label, $onLabel, $hours]) {
            if ($onLabel !== null) {
                $traces[] = new Trace($figure, $label, 'h', $hours,
                    'the label\'s time less the age at the pour, at the room\'s pace',
                    $this->inputs->minutesToAge('label_h * 60').' / 60',
                    [TraceInput::sourced('label_h', 'on the label', $onLabel, 'h'), ...$this->inputs->forAge()], $this->inputs->note());
            }
        }

        return $traces;
    }

    private function dewPoint(): Trace
    {
        $studio = $this->result->case->studio;
        $air = RoomRule::airC($this->result);
        $g = '(ln(humidity_pct / 100) + 17.625 * air_c / (243.04 + air_c))';

        return new Trace('dew_point_c', 'Dew point of the room', '°C', DewPoint::celsius($air, $studio->humidityPct->value),
            'the Magnus formula for the room\'s air',
            "243.04 * $g / (17.625 - $g)",
            [
                TraceInput::given('air_c', 'the room when it is poured', $air, '°C', $this->inputs->temperature()->origin),
                TraceInput::sourced('humidity_pct', 'humidity', $studio->humidityPct, '%'),
            ]);
    }
}
