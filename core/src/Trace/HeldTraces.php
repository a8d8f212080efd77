<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Trace;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Held\DomeEdge;
use OpenGlaze\Core\Held\HeldFilm;
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
        $capillary = TraceInput::computed('capillary_mm', 'capillary length', $case->liquid->capillaryLengthMm(), 'mm', 'capillary_mm');
        $edge = self::edge($case->face->domeEdge);
        $most = HeldFilm::mostDeg($case->studio->advancingAngleDeg->value, $case->face->turnDeg);
        $gives = TraceInput::computed('gives_way_deg', 'the edge gives way at', $most, '°', 'edge_gives_way_deg');
        $lip = $case->lipMm() > 0 ? [TraceInput::given('lip_mm', 'lip that still stands', $case->lipMm(), 'mm', Origin::Entered)] : [];
        [$plusLip, $lessLip] = $lip === [] ? ['', ''] : [' + lip_mm', ' - lip_mm'];
        $note = ($case->face->domeEdge->roundShare ?? 1.0) >= 1.0 ? '' : 'Straight edges hold less than round ones: solved between straight edges, and for the share of the edge that is round as a round piece. Within 3 % from 30 mm on, on the safe side below.';

        return [
            new Trace('capillary_mm', 'Capillary length', 'mm', $case->liquid->capillaryLengthMm(), 'where surface tension and weight are as strong as each other',
                '1000 * sqrt(tension / (density * 1000 * gravity))', [$this->inputs->tension(), $this->inputs->density(), $this->inputs->gravity()]),
            new Trace('edge_gives_way_deg', 'The edge gives way at', '°', $most, 'advancing angle of the resin and turn of the edge, at most 180°',
                'min(180, advancing_deg + turn_deg)', [
                    TraceInput::sourced('advancing_deg', 'advancing angle', $case->studio->advancingAngleDeg, '°'),
                    TraceInput::given('turn_deg', 'turn of the edge', $case->face->turnDeg, '°', Origin::Entered),
                ]),
            new Trace('limit_thickness_mm', 'The edge holds at most', 'mm', $held->limitThicknessMm, 'the mean film of the dome that meets its edge at that angle, after Young and Laplace',
                'dome_mean(radius_mm, round_share, gives_way_deg, capillary_mm)'.$plusLip, [...$edge, $gives, $capillary, ...$lip], $note),
            new Trace('limit_ml', 'The edge holds at most', 'ml', $held->limitMl, 'that film over the face, on one piece',
                'limit_thickness_mm * covered_cm2 / 10', [
                    TraceInput::computed('limit_thickness_mm', 'the edge holds at most', $held->limitThicknessMm, 'mm', 'limit_thickness_mm'),
                    TraceInput::computed('covered_cm2', 'face', ($case->face->areaMm2 ?? 0.0) / 100, 'cm²'),
                ]),
            new Trace('edge_angle_deg', 'It meets the edge at', '°', $held->edgeAngleDeg, 'the angle of the dome that has this mean film, after Young and Laplace',
                "dome_angle(radius_mm, round_share, thickness_mm$lessLip, capillary_mm, gives_way_deg)", [...$edge, $this->inputs->thickness(), $capillary, $gives, ...$lip], $note),
            new Trace('centre_mm', 'It stands in the middle', 'mm', $held->centreMm, 'the height of that dome in its middle',
                "dome_centre(radius_mm, round_share, thickness_mm$lessLip, capillary_mm, gives_way_deg)$plusLip", [...$edge, $this->inputs->thickness(), $capillary, $gives, ...$lip], $note),
        ];
    }

    /** @return array{TraceInput, TraceInput} */
    private static function edge(?DomeEdge $edge): array
    {
        return [
            TraceInput::computed('radius_mm', 'effective radius: twice the area over the edge', $edge->effectiveRadiusMm ?? NAN, 'mm'),
            TraceInput::computed('round_share', 'how much of the edge counts as round', $edge->roundShare ?? NAN, ''),
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
        $capillary = new Trace('capillary_mm', 'Capillary length', 'mm', $case->liquid->capillaryLengthMm(), 'where surface tension and weight are as strong as each other',
            '1000 * sqrt(tension / (density * 1000 * gravity))', [$this->inputs->tension(), $this->inputs->density(), $this->inputs->gravity()]);
        $length = TraceInput::computed('capillary_mm', 'capillary length', $case->liquid->capillaryLengthMm(), 'mm', 'capillary_mm');
        $traces = [$capillary, new Trace('lip_rise_mm', 'The lip that it leaves', 'mm', $rise, 'how high resin climbs a plane wall at this contact angle',
            'capillary_mm * sqrt(2 * (1 - sin(wall_angle_deg / 180 * pi)))', [$length, TraceInput::sourced('wall_angle_deg', 'contact angle at the wall', $case->studio->wallAngleDeg, '°')])];
        if ($case->lipHoldsMm() !== null && $case->face->domeEdge !== null) {
            $traces[] = new Trace('lip_holds_mm', 'A top coat that this lip holds', 'mm', $case->lipHoldsMm(), 'flat film up to the lip, and above it the dome of its own edge',
                'lip_rise_mm + dome_mean(radius_mm, round_share, gives_way_deg, capillary_mm)', [
                    TraceInput::computed('lip_rise_mm', 'the lip', $rise, 'mm', 'lip_rise_mm'),
                    ...self::edge($case->face->domeEdge),
                    TraceInput::computed('gives_way_deg', 'its edge gives way at', HeldFilm::mostDeg($case->studio->advancingAngleDeg->value, $case->face->turnDeg), '°'),
                    $length,
                ]);
        }

        return $traces;
    }
}
