<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Trace;

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

        return $area === null ? [] : [new Trace('area_cm2', 'Area of one piece', 'cm²', $area,
            $this->piece->body?->isRough() === true ? 'the surface of the ellipsoid in its bounding size, after Thomsen: a rough estimate' : 'the walls and floor that are coated',
            'surface_mm2 / 100', [TraceInput::computed('surface_mm2', 'surface', $area * 100, 'mm²')])];
    }

    /** @return list<Trace> */
    private function ofOutline(Outline $outline): array
    {
        $piece = $this->piece;
        $inputs = $this->lengths($outline);
        [$areaWords, $area, $edgeWords, $perimeter] = match (true) {
            $outline instanceof Circle => ['π/4 × diameter²', 'pi / 4 * diameter_mm ** 2 / 100', 'π × diameter', 'pi * diameter_mm'],
            $outline instanceof Rectangle => ['width × height', 'width_mm * height_mm / 100', 'twice width and height', '2 * (width_mm + height_mm)'],
            $outline instanceof RoundedRectangle => [
                'width × height, less what the rounded corners take away', '(width_mm * height_mm - (4 - pi) * radius_mm ** 2) / 100',
                'twice width and height, less what the rounded corners cut short', '2 * (width_mm + height_mm) - (8 - 2 * pi) * radius_mm',
            ],
            default => ['what the outline encloses, less its holes', '(enclosed_mm2 - holes_mm2) / 100', 'the length of the outline', 'length_mm'],
        };

        return [
            new Trace('area_cm2', 'Area of one piece', 'cm²', $piece->areaCm2(), $areaWords, $area, self::within($area, $inputs)),
            new Trace('perimeter_mm', 'Edge of one piece', 'mm', $outline->perimeterMm(), $edgeWords, $perimeter, self::within($perimeter, $inputs)),
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
            'Coated edge of one piece',
            'mm',
            $coated,
            'the edge, times the share of it that gets coated',
            'perimeter_mm * coated_share',
            [
                TraceInput::computed('perimeter_mm', 'edge of one piece', $all, 'mm', 'perimeter_mm'),
                TraceInput::given('coated_share', 'share of it that gets coated', $coated / $all, '', Origin::Entered),
            ],
        );
    }

    /** @return list<TraceInput> */
    private function lengths(Outline $outline): array
    {
        return match (true) {
            $outline instanceof Rectangle => [
                TraceInput::given('width_mm', 'width', $outline->widthMm, 'mm', Origin::Entered),
                TraceInput::given('height_mm', 'height', $outline->heightMm, 'mm', Origin::Entered),
            ],
            $outline instanceof Circle => [
                TraceInput::given('diameter_mm', 'diameter', $outline->diameterMm, 'mm', Origin::Entered),
            ],
            $outline instanceof RoundedRectangle => [
                TraceInput::given('width_mm', 'width', $outline->widthMm, 'mm', Origin::Entered),
                TraceInput::given('height_mm', 'height', $outline->heightMm, 'mm', Origin::Entered),
                TraceInput::given('radius_mm', 'corner radius', $outline->radiusMm, 'mm', Origin::Entered),
            ],
            default => [
                TraceInput::computed('enclosed_mm2', 'enclosed by the outline', $outline->edge()->areaMm2(), 'mm²'),
                TraceInput::computed('holes_mm2', 'holes', array_sum(array_map(static fn (Loop $hole): float => $hole->areaMm2(), $outline->holes())), 'mm²'),
                TraceInput::computed('length_mm', 'length of the outline', $outline->edge()->lengthMm(), 'mm'),
            ],
        };
    }
}
