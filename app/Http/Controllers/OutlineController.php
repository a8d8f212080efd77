<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\SentJson;
use App\Saying\Person;
use App\Typed\FieldException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Outline\OutlineException;
use OpenGlaze\Core\Outline\Outlines;
use OpenGlaze\Core\Outline\Point;
use OpenGlaze\Core\Quantity\LengthParser;
use OpenGlaze\Core\Quantity\QuantityException;
use OpenGlaze\Core\Svg\SvgException;
use OpenGlaze\Core\Svg\SvgOutline;
use OpenGlaze\Core\Tracing\Knot;
use OpenGlaze\Core\Tracing\KnownLength;
use OpenGlaze\Core\Tracing\KnownSheet;
use OpenGlaze\Core\Tracing\PhotoScale;
use OpenGlaze\Core\Tracing\Tracing;
use OpenGlaze\Core\Tracing\TracingException;

/** Outlines that are not typed: traced over a photo, or brought in an SVG drawing. Nothing is saved. */
final class OutlineController
{
    private const MOST_KNOTS = 5_000;

    private const MOST_MM = 10_000.0;

    /** {"loops": [[{"x": …, "y": …, "corner": …}]], "length": {"from", "to", "mm"} or "sheet": {"corners", "width_mm", "height_mm"}} */
    public function traced(Request $request): JsonResponse
    {
        $body = SentJson::of($request);
        try {
            return $this->outline(Tracing::pathData($this->loops($body), $this->scale($body, $request)));
        } catch (TracingException|OutlineException $exception) {
            throw FieldException::at(['outline' => $exception->said]);
        }
    }

    /** The drawing as it is in the file; the width of the piece where it does not say. */
    public function svg(Request $request): JsonResponse
    {
        $width = $request->query('width');
        try {
            return $this->outline(SvgOutline::pathData($request->getContent(), is_string($width) && trim($width) !== '' ? $this->mm($width, 'width', $request) : null));
        } catch (SvgException|OutlineException $exception) {
            $field = $exception instanceof SvgException && $exception->asksWidth ? 'width' : 'outline';
            throw FieldException::at([$field => $exception->said]);
        }
    }

    private function outline(string $data): JsonResponse
    {
        $outline = Outlines::path($data);

        return response()->json([
            'd' => $data,
            'area_cm2' => $outline->areaMm2() / 100,
            'width_mm' => $outline->boxWidthMm(),
            'height_mm' => $outline->boxHeightMm(),
        ]);
    }

    /** @return list<list<Knot>> */
    private function loops(Entry $body): array
    {
        $loops = [];
        $count = 0;
        $written = $body->value('loops');
        foreach (is_array($written) ? $written : [] as $loop) {
            $knots = [];
            foreach (is_array($loop) ? $loop : [] as $knot) {
                if ($knot instanceof Entry) {
                    $knots[] = new Knot($this->point($knot), $knot->isTrue('corner'));
                }
            }
            $count += count($knots);
            if ($knots !== []) {
                $loops[] = $knots;
            }
        }
        if ($count > self::MOST_KNOTS) {
            throw FieldException::at(['outline' => Message::of('refused.many_points')]);
        }

        return $loops;
    }

    private function scale(Entry $body, Request $request): PhotoScale
    {
        $sheet = $body->entry('sheet');
        if ($sheet !== null) {
            $corners = array_map($this->point(...), $sheet->entries('corners'));
            if (count($corners) !== 4) {
                throw FieldException::at(['outline' => Message::of('refused.four_corners')]);
            }

            return KnownSheet::at($corners, $this->mm($sheet->value('width_mm'), 'width_mm', $request), $this->mm($sheet->value('height_mm'), 'height_mm', $request));
        }
        [$from, $to] = [$body->entry('length.from'), $body->entry('length.to')];
        if ($from === null || $to === null) {
            throw FieldException::at(['outline' => Message::of('refused.no_scale')]);
        }

        return KnownLength::between($this->point($from), $this->point($to), $this->mm($body->value('length.mm'), 'mm', $request));
    }

    private function point(Entry $at): Point
    {
        $x = $at->number('x');
        $y = $at->number('y');
        if ($x === null || $y === null || abs($x) > 1e6 || abs($y) > 1e6) {
            throw FieldException::at(['outline' => Message::of('refused.point_without_place')]);
        }

        return new Point($x, $y);
    }

    private function mm(mixed $written, string $field, Request $request): float
    {
        try {
            $mm = is_int($written) || is_float($written) ? (float) $written : LengthParser::mm(is_string($written) ? $written : '', Person::of($request)->units->lengthUnit());
        } catch (QuantityException $exception) {
            throw FieldException::at([$field => $exception->said]);
        }

        return $mm > 0 && $mm <= self::MOST_MM ? $mm : throw FieldException::at([$field => Message::of('refused.length')]);
    }
}
