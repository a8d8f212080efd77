<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Svg;

use OpenGlaze\Core\Outline\OutlineException;
use OpenGlaze\Core\Outline\Outlines;
use OpenGlaze\Core\Svg\SvgOutline;
use OpenGlaze\Core\Tests\Support\English;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SvgOutlineTest extends TestCase
{
    /** @return iterable<string, array{string, string, float}> attributes of the drawing, its shapes, mm² */
    public static function drawings(): iterable
    {
        $mm = 'width="200mm" height="100mm" viewBox="0 0 200 100"';
        yield from [
            'a rectangle' => [$mm, '<rect x="10" y="10" width="50" height="20"/>', 1000.0],
            'a rounded one' => [$mm, '<rect width="50" height="20" rx="4"/>', 1000 - (4 - M_PI) * 16],
            'a circle in cm' => ['width="20cm" height="10cm" viewBox="0 0 20 10"', '<circle cx="5" cy="5" r="2"/>', M_PI * 400],
            'an ellipse in inches' => ['width="2in" height="1in" viewBox="0 0 2 1"', '<ellipse cx="1" cy=".5" rx=".5" ry=".25"/>', M_PI * 12.7 * 6.35],
            'points' => ['width="72pt" height="72pt" viewBox="0 0 1 1"', '<rect width="1" height="1"/>', 25.4 ** 2],
            'pixels' => ['width="96" height="96"', '<polygon points="0,0 96,0 96,96 0,96"/>', 25.4 ** 2],
            'a polyline' => [$mm, '<polyline points="0 0 40 0 40 40"/>', 800.0],
            'a path with a hole' => [$mm, '<path d="M0 0h60v60h-60z M20 20h10v10h-10z"/>', 3500.0],
            'an edge and a hole in two shapes' => [$mm, '<circle cx="50" cy="50" r="3"/><circle cx="50" cy="50" r="40"/>', M_PI * (1600 - 9)],
            'a curve' => [$mm, '<path d="M0 50 C0 20 30 20 30 50 S60 80 60 50 L60 90 L0 90Z"/>', 2400.0],
            'arcs' => [$mm, '<path d="M10 50a40 40 0 0 1 80 0a40 40 0 0 1-80 0z"/>', M_PI * 1600],
            'groups and transforms' => [$mm, '<g transform="translate(10 5) scale(2)"><g transform="rotate(30)"><rect width="10" height="5" transform="skewX(20)"/></g></g>', 200.0],
            'a matrix' => [$mm, '<rect width="10" height="10" transform="matrix(1 2 3 4 5 6)"/>', 200.0],
            'turned round a point' => [$mm, '<rect width="10" height="10" transform="rotate(45, 5, 5) scale(.5 3)"/>', 150.0],
            'a box that begins elsewhere' => ['width="100mm" height="100mm" viewBox="-50 -50 50 50"', '<circle r="5" cx="-25" cy="-25"/>', M_PI * 100],
            'kept in proportion' => ['width="100mm" height="400mm" viewBox="0 0 100 100"', '<rect width="10" height="10"/>', 100.0],
            'stretched on purpose' => ['width="100mm" height="400mm" viewBox="0 0 100 100" preserveAspectRatio="none"', '<rect width="10" height="10"/>', 400.0],
            'with hidden things and definitions' => [$mm, '<defs><rect width="190" height="90"/></defs><title>Fox</title><rect style="fill:red;display:none" width="190" height="90"/><rect width="10" height="10" fill="url(#paint)"/>', 100.0],
            'with what another program wrote' => [$mm.' xmlns:tool="urn:some-tool"', '<tool:view zoom="2"><tool:page/></tool:view><rect width="10" height="10" tool:label="fox"/>', 100.0],
        ];
    }

    #[DataProvider('drawings')]
    public function test_a_drawing_gives_its_outline_in_true_size(string $attributes, string $shapes, float $mm2): void
    {
        $outline = Outlines::path(SvgOutline::pathData(self::svg($attributes, $shapes)));
        self::assertEqualsWithDelta($mm2, $outline->areaMm2(), $mm2 * 2e-4);
    }

    public function test_a_drawing_without_a_size_is_asked_for_its_width(): void
    {
        $svg = self::svg('viewBox="0 0 10 10"', '<circle cx="5" cy="5" r="4"/>');
        self::assertEqualsWithDelta(M_PI * 150 ** 2, Outlines::path(SvgOutline::pathData($svg, 300))->areaMm2(), 20);
        self::assertStringContainsString('give the width', English::refusal(static fn () => SvgOutline::pathData($svg)));
    }

    /** @return iterable<string, array{string, string}> */
    public static function bombs(): iterable
    {
        $svg = static fn (string $inside, string $attributes = ''): string => self::svg('width="10mm" height="10mm" '.$attributes, $inside);
        $laughs = '<!DOCTYPE svg [<!ENTITY a "aaaaaaaaaa"><!ENTITY b "&a;&a;&a;&a;&a;&a;&a;&a;">]>';
        yield from [
            'entities' => [$laughs.$svg('<title>&b;</title>'), 'entities'],
            'a file from outside' => ['<!DOCTYPE svg SYSTEM "file:///etc/passwd">'.$svg(''), 'document type'],
            'a script' => [$svg('<script>alert(1)</script>'), 'a script'],
            'a script in an attribute' => [$svg('<rect width="1" height="1" onclick="x()"/>'), 'a script'],
            'a script that begins by itself' => [$svg('<g onload="x()"/>'), 'a script'],
            'a picture' => [$svg('<image href="data:image/png;base64,AA=="/>'), 'a picture'],
            'a style from outside' => [$svg('<rect width="1" height="1" style="fill:url(http://tea.example/x)"/>'), 'another place'],
            'a link' => [$svg('<g href="http://tea.example/"/>'), 'another place'],
            'copies' => [$svg('<use href="#x"/>'), 'linked copies'],
            'text' => [$svg('<text>Fox</text>'), 'text'],
            'nested too deep' => [$svg(str_repeat('<g>', 80).str_repeat('</g>', 80)), 'nested'],
            'far too many shapes' => [$svg(str_repeat('<rect width="1" height="1"/>', 1100)), 'more than 1000 shapes'],
            'nothing' => ['', 'no SVG'],
            'another language' => ['<html><body/></html>', 'no SVG'],
            'half a drawing' => ['<svg xmlns="http://www.w3.org/2000/svg"><rect', 'no SVG'],
            'no shapes' => [$svg('<g/>'), 'no shape'],
            'a transform of nothing' => [$svg('<rect width="1" height="1" transform="wobble(3)"/>'), 'transform'],
            'two pieces' => [$svg('<rect width="4" height="4"/><rect x="6" width="4" height="4"/>'), 'lie apart'],
            'a huge one' => [str_repeat(' ', SvgOutline::MOST_BYTES + 1), '5 MB'],
        ];
    }

    #[DataProvider('bombs')]
    public function test_what_does_not_belong_in_an_outline_is_refused_with_a_sentence(string $text, string $sentence): void
    {
        self::assertStringContainsString($sentence, English::refusal(static fn () => SvgOutline::pathData($text)));
    }

    public function test_a_path_that_is_none_is_refused_where_it_fails(): void
    {
        $this->expectException(OutlineException::class);
        SvgOutline::pathData(self::svg('width="1mm" height="1mm"', '<path d="M0 0 L9 cat"/>'));
    }

    private static function svg(string $attributes, string $inside): string
    {
        return '<svg xmlns="http://www.w3.org/2000/svg" '.$attributes.'>'.$inside.'</svg>';
    }
}
