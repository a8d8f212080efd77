<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Trace;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Held\DomeEdge;
use OpenGlaze\Core\Held\HeldFilm;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Quantity\Origin;

/** How a held film stands at its edge, and when that gives way; and the lip that a dammed one leaves. */
final readonly class HeldTraces
{
    private FilmInputs $inputs;

    public function __construct(private CoatResult $result)
    {
        $this->inputs = new FilmInputs($result);
    }

    /** @return list<Trace> */
    public function all(): array
    {
        $case = $this->result->case;
        $held = $case->held;
        if ($held === null) {
            return $this->lip();
        }
        $capillary = TraceInput::computed('capillary_mm', Message::of('traces.capillary_length'), $case->liquid->capillaryLengthMm(), 'mm', 'capillary_mm');
        $edge = self::edge($case->face->domeEdge);
        $most = HeldFilm::mostDeg($case->studio->wetting->advancingAngleDeg->value, $case->face->turnDeg);
        $gives = TraceInput::computed('gives_way_deg', Message::of('traces.the_edge_gives_way_at'), $most, '°', 'edge_gives_way_deg');
        $lip = $case->lipMm() > 0 ? [TraceInput::given('lip_mm', Message::of('traces.lip_that_still_stands'), $case->lipMm(), 'mm', Origin::Entered)] : [];
        [$plusLip, $lessLip] = $lip === [] ? ['', ''] : [' + lip_mm', ' - lip_mm'];
        $note = ($case->face->domeEdge->roundShare ?? 1.0) >= 1.0 ? null : Message::of('traces.straight_edges');

        return [
            new Trace('capillary_mm', Message::of('traces.capillary_length_title'), 'mm', $case->liquid->capillaryLengthMm(), Message::of('traces.where_surface_tension_and_weight_are_as'),
                '1000 * sqrt(tension / (density * 1000 * gravity))', [$this->inputs->tension(), $this->inputs->density(), $this->inputs->gravity()]),
            new Trace('edge_gives_way_deg', Message::of('traces.the_edge_gives_way_at_title'), '°', $most, Message::of('traces.advancing_angle_of_the_resin_and_turn_of_the'),
                'min(180, advancing_deg + turn_deg)', [
                    TraceInput::sourced('advancing_deg', Message::of('traces.advancing_angle'), $case->studio->wetting->advancingAngleDeg, '°'),
                    TraceInput::given('turn_deg', Message::of('traces.turn_of_the_edge'), $case->face->turnDeg, '°', Origin::Entered),
                ]),
            new Trace('limit_thickness_mm', Message::of('traces.the_edge_holds_at_most_title'), 'mm', $held->limitThicknessMm, Message::of('traces.the_mean_film_of_the_dome_that_meets_its_edge'),
                'dome_mean(radius_mm, round_share, gives_way_deg, capillary_mm)'.$plusLip, [...$edge, $gives, $capillary, ...$lip], $note),
            new Trace('limit_ml', Message::of('traces.the_edge_holds_at_most_title'), 'ml', $held->limitMl, Message::of('traces.that_film_over_the_face_on_one_piece'),
                'limit_thickness_mm * covered_cm2 / 10', [
                    TraceInput::computed('limit_thickness_mm', Message::of('traces.the_edge_holds_at_most'), $held->limitThicknessMm, 'mm', 'limit_thickness_mm'),
                    TraceInput::computed('covered_cm2', Message::of('traces.face'), ($case->face->areaMm2 ?? 0.0) / 100, 'cm²'),
                ]),
            new Trace('edge_angle_deg', Message::of('traces.it_meets_the_edge_at'), '°', $held->edgeAngleDeg, Message::of('traces.the_angle_of_the_dome_that_has_this_mean_film'),
                "dome_angle(radius_mm, round_share, thickness_mm$lessLip, capillary_mm, gives_way_deg)", [...$edge, $this->inputs->thickness(), $capillary, $gives, ...$lip], $note),
            new Trace('centre_mm', Message::of('traces.it_stands_in_the_middle'), 'mm', $held->centreMm, Message::of('traces.the_height_of_that_dome_in_its_middle'),
                "dome_centre(radius_mm, round_share, thickness_mm$lessLip, capillary_mm, gives_way_deg)$plusLip", [...$edge, $this->inputs->thickness(), $capillary, $gives, ...$lip], $note),
        ];
    }

    /** @return array{TraceInput, TraceInput} */
    private static function edge(?DomeEdge $edge): array
    {
        return [
            TraceInput::computed('radius_mm', Message::of('traces.effective_radius_twice_the_area_over_the_edge'), $edge->effectiveRadiusMm ?? NAN, 'mm'),
            TraceInput::computed('round_share', Message::of('traces.how_much_of_the_edge_counts_as_round'), $edge->roundShare ?? NAN, ''),
        ];
    }

    /** @return list<Trace> */
    private function lip(): array
    {
        $case = $this->result->case;
        $rise = $case->lipLeftMm();
        if ($rise === null) {
            return [];
        }
        $capillary = new Trace('capillary_mm', Message::of('traces.capillary_length_title'), 'mm', $case->liquid->capillaryLengthMm(), Message::of('traces.where_surface_tension_and_weight_are_as'),
            '1000 * sqrt(tension / (density * 1000 * gravity))', [$this->inputs->tension(), $this->inputs->density(), $this->inputs->gravity()]);
        $length = TraceInput::computed('capillary_mm', Message::of('traces.capillary_length'), $case->liquid->capillaryLengthMm(), 'mm', 'capillary_mm');
        $traces = [$capillary, new Trace('lip_rise_mm', Message::of('traces.the_lip_that_it_leaves'), 'mm', $rise, Message::of('traces.how_high_resin_climbs_a_plane_wall_at_this'),
            'capillary_mm * sqrt(2 * (1 - sin(wall_angle_deg / 180 * pi)))', [$length, TraceInput::sourced('wall_angle_deg', Message::of('traces.contact_angle_at_the_wall'), $case->studio->wetting->wallAngleDeg, '°')])];
        if ($case->lipHoldsMm() !== null && $case->face->domeEdge !== null) {
            $traces[] = new Trace('lip_holds_mm', Message::of('traces.a_top_coat_that_this_lip_holds'), 'mm', $case->lipHoldsMm(), Message::of('traces.flat_film_up_to_the_lip_and_above_it_the_dome'),
                'lip_rise_mm + dome_mean(radius_mm, round_share, gives_way_deg, capillary_mm)', [
                    TraceInput::computed('lip_rise_mm', Message::of('traces.the_lip'), $rise, 'mm', 'lip_rise_mm'),
                    ...self::edge($case->face->domeEdge),
                    TraceInput::computed('gives_way_deg', Message::of('traces.its_edge_gives_way_at'), HeldFilm::mostDeg($case->studio->wetting->advancingAngleDeg->value, $case->face->turnDeg), '°'),
                    $length,
                ]);
        }

        return $traces;
    }
}
