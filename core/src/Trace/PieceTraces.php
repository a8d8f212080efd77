<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Trace;

use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Outline\Circle;
use OpenGlaze\Core\Outline\Loop;
use OpenGlaze\Core\Outline\Outline;
use OpenGlaze\Core\Outline\Rectangle;
use OpenGlaze\Core\Outline\RoundedRectangle;
use OpenGlaze\Core\Plan\Piece;
use OpenGlaze\Core\Quantity\Origin;

/** How the piece's area and coated edge were found. */
final readonly class PieceTraces
{
    public function __construct(private Piece $piece)
    {
    }

    /** @return list<Trace> */
    public function all(): array
    {
        return $this->piece->outline === null ? $this->ofBody() : $this->ofOutline($this->piece->outline);
    }

    /** @return list<Trace> */
    private function ofBody(): array
    {
        $area = $this->piece->areaCm2();

        return $area === null ? [] : [new Trace('area_cm2', Message::of('traces.area_of_one_piece_title'), 'cm²', $area,
            $this->piece->body?->isRough() === true ? Message::of('traces.the_surface_of_the_ellipsoid_in_its_bounding') : Message::of('traces.the_walls_and_floor_that_are_coated'),
            'surface_mm2 / 100', [TraceInput::computed('surface_mm2', Message::of('traces.surface'), $area * 100, 'mm²')])];
    }

    /** @return list<Trace> */
    private function ofOutline(Outline $outline): array
    {
        $piece = $this->piece;
        $inputs = $this->lengths($outline);
        [$areaWords, $area, $edgeWords, $perimeter] = match (true) {
            $outline instanceof Circle => [Message::of('traces.area_of_circle'), 'pi / 4 * diameter_mm ** 2 / 100', Message::of('traces.edge_of_circle'), 'pi * diameter_mm'],
            $outline instanceof Rectangle => [Message::of('traces.area_of_rectangle'), 'width_mm * height_mm / 100', Message::of('traces.edge_of_rectangle'), '2 * (width_mm + height_mm)'],
            $outline instanceof RoundedRectangle => [
                Message::of('traces.area_of_rounded'), '(width_mm * height_mm - (4 - pi) * radius_mm ** 2) / 100',
                Message::of('traces.edge_of_rounded'), '2 * (width_mm + height_mm) - (8 - 2 * pi) * radius_mm',
            ],
            default => [Message::of('traces.area_of_outline'), '(enclosed_mm2 - holes_mm2) / 100', Message::of('traces.edge_of_outline'), 'length_mm'],
        };

        return [
            new Trace('area_cm2', Message::of('traces.area_of_one_piece_title'), 'cm²', $piece->areaCm2(), $areaWords, $area, self::within($area, $inputs)),
            new Trace('perimeter_mm', Message::of('traces.edge_of_one_piece_title'), 'mm', $outline->perimeterMm(), $edgeWords, $perimeter, self::within($perimeter, $inputs)),
            $this->coatedEdge($outline),
        ];
    }

    /**
     * The inputs that an expression names.
     *
     * @param  list<TraceInput>  $inputs
     * @return list<TraceInput>
     */
    private static function within(string $expression, array $inputs): array
    {
        return array_values(array_filter($inputs, static fn (TraceInput $input): bool => preg_match("/\b$input->symbol\b/", $expression) === 1));
    }

    private function coatedEdge(Outline $outline): Trace
    {
        $piece = $this->piece;
        $all = $outline->perimeterMm();
        $coated = $piece->coatedEdgeMm();

        return new Trace(
            'coated_edge_mm',
            Message::of('traces.coated_edge_of_one_piece_title'),
            'mm',
            $coated,
            Message::of('traces.the_edge_times_the_share_of_it_that_gets'),
            'perimeter_mm * coated_share',
            [
                TraceInput::computed('perimeter_mm', Message::of('traces.edge_of_one_piece'), $all, 'mm', 'perimeter_mm'),
                TraceInput::given('coated_share', Message::of('traces.share_of_it_that_gets_coated'), $coated / $all, '', Origin::Entered),
            ],
        );
    }

    /** @return list<TraceInput> */
    private function lengths(Outline $outline): array
    {
        return match (true) {
            $outline instanceof Rectangle => [
                TraceInput::given('width_mm', Message::of('traces.width'), $outline->widthMm, 'mm', Origin::Entered),
                TraceInput::given('height_mm', Message::of('traces.height'), $outline->heightMm, 'mm', Origin::Entered),
            ],
            $outline instanceof Circle => [
                TraceInput::given('diameter_mm', Message::of('traces.diameter'), $outline->diameterMm, 'mm', Origin::Entered),
            ],
            $outline instanceof RoundedRectangle => [
                TraceInput::given('width_mm', Message::of('traces.width'), $outline->widthMm, 'mm', Origin::Entered),
                TraceInput::given('height_mm', Message::of('traces.height'), $outline->heightMm, 'mm', Origin::Entered),
                TraceInput::given('radius_mm', Message::of('traces.corner_radius'), $outline->radiusMm, 'mm', Origin::Entered),
            ],
            default => [
                TraceInput::computed('enclosed_mm2', Message::of('traces.enclosed_by_the_outline'), $outline->edge()->areaMm2(), 'mm²'),
                TraceInput::computed('holes_mm2', Message::of('traces.holes'), array_sum(array_map(static fn (Loop $hole): float => $hole->areaMm2(), $outline->holes())), 'mm²'),
                TraceInput::computed('length_mm', Message::of('traces.length_of_the_outline'), $outline->edge()->lengthMm(), 'mm'),
            ],
        };
    }
}
