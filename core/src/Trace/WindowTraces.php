<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Trace;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Cure\DewPoint;
use OpenGlaze\Core\Message\Message;

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
            ['recoat_from_h', Message::of('traces.window_opens'), $resin->stages->recoatFromH, $windows->recoatFromH],
            ['recoat_to_h', Message::of('traces.window_shuts'), $resin->stages->recoatToH, $windows->recoatToH],
            ['sand_from_h', Message::of('traces.can_be_sanded'), $resin->stages->sandFromH, $windows->sandFromH],
            ['handle_h', Message::of('traces.can_be_handled'), $resin->stages->handleH, $windows->handleH],
            ['full_cure_h', Message::of('traces.fully_cured'), $resin->stages->fullCureH, $windows->fullCureH],
        ];
        $traces = [$this->dewPoint()];
        foreach ($stages as [$figure, $label, $onLabel, $hours]) {
            if ($onLabel !== null) {
                $sooner = $figure === 'recoat_to_h' && $this->result->case->heat->recoatToH() !== null;
                $traces[] = new Trace($figure, $label, 'h', $hours,
                    Message::of($sooner ? 'traces.sooner_by_its_own_heat' : 'traces.the_labels_time_less_the_age_at_the_pour_at'),
                    ($sooner ? 'own_heat_to_minutes(label_h * 60)' : $this->inputs->minutesToAge('label_h * 60')).' / 60',
                    [TraceInput::sourced('label_h', Message::of('traces.on_the_label'), $onLabel, 'h'), ...$sooner ? [] : $this->inputs->forAge()], $this->inputs->note());
            }
        }

        return $traces;
    }

    private function dewPoint(): Trace
    {
        $studio = $this->result->case->studio;
        $air = $this->result->case->airC();
        $g = '(ln(humidity_pct / 100) + 17.625 * air_c / (243.04 + air_c))';

        return new Trace('dew_point_c', Message::of('traces.dew_point_of_the_room'), '°C', DewPoint::celsius($air, $studio->room->humidityPct->value),
            Message::of('traces.the_magnus_formula_for_the_rooms_air'),
            "243.04 * $g / (17.625 - $g)",
            [
                TraceInput::given('air_c', Message::of('traces.the_room_when_it_is_poured'), $air, '°C', $this->inputs->temperature()->origin),
                TraceInput::sourced('humidity_pct', Message::of('traces.humidity'), $studio->room->humidityPct, '%'),
            ]);
    }
}
