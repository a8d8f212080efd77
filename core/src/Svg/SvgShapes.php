<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Svg;

use DOMElement;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Outline\Affine;
use OpenGlaze\Core\Outline\Loop;
use OpenGlaze\Core\Outline\OutlineException;
use OpenGlaze\Core\Outline\Point;
use OpenGlaze\Core\Outline\SvgPath;

/** Gathers the closed edges of all shapes of a drawing, moved to where their groups put them. */
final class SvgShapes
{
    private const NAMESPACE = 'http://www.w3.org/2000/svg';

    /** What is never drawn by itself, or draws nothing. */
    private const SKIPPED = ['defs', 'clippath', 'mask', 'symbol', 'pattern', 'marker', 'lineargradient', 'radialgradient', 'filter', 'title', 'desc', 'metadata', 'style', 'view', 'line'];

    private const REFUSED = [
        'script' => 'script', 'image' => 'picture', 'foreignobject' => 'foreign', 'use' => 'copies', 'a' => 'links',
        'animate' => 'animation', 'animatetransform' => 'animation', 'animatemotion' => 'animation', 'set' => 'animation', 'text' => 'text',
    ];

    private const DEEPEST = 64;

    private const MOST_LOOPS = 1001;

    /** @var list<Loop> */
    private array $loops = [];

    /**
     * @return list<Loop> in mm when the map leads there
     *
     * @throws SvgException when the drawing holds what is not taken in
     * @throws OutlineException when a path cannot be read
     */
    public static function of(DOMElement $svg, Affine $map): array
    {
        $shapes = new self;
        foreach ($svg->childNodes as $child) {
            if ($child instanceof DOMElement) {
                $shapes->walk($child, $map, 0);
            }
        }

        return $shapes->loops;
    }

    private function walk(DOMElement $element, Affine $map, int $depth): void
    {
        $name = strtolower($element->localName ?? '');
        if ($element->namespaceURI !== null && $element->namespaceURI !== self::NAMESPACE) {
            return;
        }
        self::refuse($element, $name);
        if (in_array($name, self::SKIPPED, true) || self::isHidden($element)) {
            return;
        }
        if ($depth > self::DEEPEST) {
            throw SvgException::refused(Message::of('drawings.nested', deepest: self::DEEPEST));
        }
        $transform = $element->getAttribute('transform');
        $map = $transform === '' ? $map : $map->after(SvgTransform::of($transform));
        foreach (self::shape($element, $name) as $loop) {
            $this->loops[] = $loop->mapped($map);
            if (count($this->loops) > self::MOST_LOOPS) {
                throw SvgException::refused(Message::of('drawings.many_shapes', most: self::MOST_LOOPS - 1));
            }
        }
        foreach ($element->childNodes as $child) {
            if ($child instanceof DOMElement) {
                $this->walk($child, $map, $depth + 1);
            }
        }
    }

    private static function refuse(DOMElement $element, string $name): void
    {
        if (isset(self::REFUSED[$name])) {
            throw SvgException::refused(Message::of('drawings.'.self::REFUSED[$name]));
        }
        foreach ($element->attributes ?? [] as $attribute) {
            $key = strtolower($attribute->localName ?? '');
            if (str_starts_with($key, 'on')) {
                throw SvgException::refused(Message::of('drawings.script'));
            }
            $value = trim($attribute->value);
            if (($key === 'href' && ! str_starts_with($value, '#')) || preg_match('/url\s*\(\s*[\'"]?\s*(?!#)/i', $value) === 1) {
                throw SvgException::refused(Message::of('drawings.link'));
            }
        }
    }

    private static function isHidden(DOMElement $element): bool
    {
        return trim($element->getAttribute('display')) === 'none'
            || trim($element->getAttribute('visibility')) === 'hidden'
            || preg_match('/(?:^|;)\s*(?:display\s*:\s*none|visibility\s*:\s*hidden)/i', $element->getAttribute('style')) === 1;
    }

    /** @return list<Loop> in the element's own units */
    private static function shape(DOMElement $element, string $name): array
    {
        $number = static fn (string $attribute): float => (float) $element->getAttribute($attribute);

        return match ($name) {
            'path' => trim($element->getAttribute('d')) === '' ? [] : SvgPath::loops($element->getAttribute('d')),
            'circle' => $number('r') > 0 ? [Loop::ellipse(new Point($number('cx'), $number('cy')), $number('r'), $number('r'))] : [],
            'ellipse' => $number('rx') > 0 && $number('ry') > 0 ? [Loop::ellipse(new Point($number('cx'), $number('cy')), $number('rx'), $number('ry'))] : [],
            'rect' => self::rectangle($number('x'), $number('y'), $number('width'), $number('height'), max($number('rx'), $number('ry'))),
            'polygon', 'polyline' => self::polygon($element->getAttribute('points')),
            default => [],
        };
    }

    /** @return list<Loop> */
    private static function rectangle(float $x, float $y, float $width, float $height, float $radius): array
    {
        if ($width <= 0 || $height <= 0) {
            return [];
        }
        $radius = min($radius, $width / 2, $height / 2);
        $loop = $radius > 0
            ? Loop::roundedRectangle($width, $height, $radius)
            : Loop::through([new Point(0, 0), new Point($width, 0), new Point($width, $height), new Point(0, $height)]);

        return [$loop->moved(new Point($x, $y))];
    }

    /** @return list<Loop> */
    private static function polygon(string $text): array
    {
        $points = array_map(static fn (array $pair): Point => new Point($pair[0], $pair[1] ?? 0.0), array_chunk(SvgNumbers::of($text), 2));

        return count($points) < 3 ? [] : [Loop::through($points)];
    }
}
