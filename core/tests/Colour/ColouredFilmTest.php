<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Colour;

use InvalidArgumentException;
use OpenGlaze\Core\Colour\Colourant;
use OpenGlaze\Core\Colour\ColouredFilm;
use OpenGlaze\Core\Colour\Dose;
use OpenGlaze\Core\Colour\DoseSizes;
use OpenGlaze\Core\Colour\DoseUnit;
use OpenGlaze\Core\Colour\Finish;
use OpenGlaze\Core\Colour\Flammable;
use OpenGlaze\Core\Colour\Form;
use OpenGlaze\Core\Colour\Look;
use OpenGlaze\Core\Colour\Spectrum;
use OpenGlaze\Core\Colour\Stuff;
use OpenGlaze\Core\Quantity\Sourced;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ColouredFilmTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function colours(): iterable
    {
        foreach (['#ffffff', '#000000', '#1f3a8a', '#e8b30c', '#b3261e', '#2f7d32', '#c08a3e', '#777777'] as $colour) {
            yield $colour => [$colour];
        }
    }

    #[DataProvider('colours')]
    public function test_a_colours_bands_look_like_it(string $colour): void
    {
        $seen = self::channels(Spectrum::ofColour($colour)->colour());
        foreach (self::channels($colour) as $at => $value) {
            self::assertEqualsWithDelta($value, $seen[$at], 20, "$colour, channel $at");
        }
    }

    public function test_text_that_is_no_colour_is_refused(): void
    {
        $this->expectException(InvalidArgumentException::class);
        Spectrum::ofColour('blue');
    }

    public function test_blue_and_yellow_make_green(): void
    {
        [$blue, $yellow] = [self::colourant('#1d3f9e'), self::colourant('#f2cf1d')];
        foreach ([1.0, 2.0, 4.0] as $share) {
            [$red, $green, $blueSeen] = self::channels(self::film([[$blue, 1.0], [$yellow, 2.0 * $share]])->over(self::ground('#ffffff'), 3.0)->colour());
            self::assertGreaterThan(1.15 * $red, $green, "share $share");
            self::assertGreaterThan(1.15 * $blueSeen, $green, "share $share");
        }
    }

    #[DataProvider('colours')]
    public function test_a_thick_opaque_film_is_its_colour_over_any_ground(string $colour): void
    {
        $film = self::film([[self::colourant($colour), 4.0]]);
        $over = static fn (string $ground): array => $film->over(self::ground($ground), 40.0)->bands;
        foreach (Spectrum::ofColour($colour)->bands as $band => $reflected) {
            self::assertEqualsWithDelta($reflected, $over('#ffffff')[$band], 0.012);
            self::assertEqualsWithDelta($over('#000000')[$band], $over('#ffffff')[$band], 1e-3);
        }
    }

    public function test_no_film_shows_its_ground_and_a_thicker_one_less_of_it(): void
    {
        foreach ([Finish::Opaque, Finish::Translucent, Finish::Metallic] as $finish) {
            $film = self::film([[self::colourant('#7a1f1f', $finish), 0.5]]);
            $ground = self::ground('#f0f0f0');
            $last = $ground->lightness();
            self::assertEqualsWithDelta($last, $film->over($ground, 0.0)->lightness(), 1e-9);
            foreach ([0.2, 0.5, 1.0, 2.0, 4.0] as $mm) {
                $light = $film->over($ground, $mm)->lightness();
                self::assertLessThan($last + 1e-12, $light, $finish->value." $mm mm");
                $last = $light;
            }
        }
    }

    public function test_over_black_a_translucent_film_is_black_and_an_opaque_one_is_not(): void
    {
        $over = static fn (Finish $finish): float => self::film([[self::colourant('#f2cf1d', $finish), 2.0]])->over(self::ground('#000000'), 1.5)->lightness();
        self::assertLessThan(0.05, $over(Finish::Translucent));
        self::assertGreaterThan(0.4, $over(Finish::Opaque));
    }

    public function test_clear_resin_and_colourless_fillers_leave_the_ground_as_it_is(): void
    {
        $film = self::film([[self::colourant(null), 5.0]]);
        self::assertSame(self::ground('#3f6f8f')->colour(), $film->over(self::ground('#3f6f8f'), 2.0)->colour());
    }

    public function test_more_resin_with_more_colour_looks_the_same(): void
    {
        $colourant = self::colourant('#1d3f9e');
        $dose = new Dose($colourant, 3.0, DoseUnit::Drops);
        $small = ColouredFilm::of([$dose], 40.0)->over(self::ground('#ffffff'), 1.2);
        $large = ColouredFilm::of([$dose->times(7.5)], 300.0)->over(self::ground('#ffffff'), 1.2);
        self::assertEqualsWithDelta($small->bands, $large->bands, 1e-12);
    }

    /** @param  list<array{Colourant, float}>  $parts  colourant and ml for 100 ml */
    private static function film(array $parts): ColouredFilm
    {
        return ColouredFilm::of(array_map(static fn (array $part): Dose => new Dose($part[0], $part[1], DoseUnit::Ml), $parts), 100.0);
    }

    private static function colourant(?string $colour, Finish $finish = Finish::Opaque): Colourant
    {
        return new Colourant('c', 'C', Form::Paste, Sourced::assumed(1.2), new Stuff(false, Flammable::No, false, false, null), new DoseSizes(Sourced::assumed(0.05), Sourced::assumed(0.01), null), new Look($colour, $finish));
    }

    private static function ground(string $colour): Spectrum
    {
        return Spectrum::ofColour($colour);
    }

    /** @return list<int> */
    private static function channels(string $colour): array
    {
        return array_map(static fn (string $two): int => (int) hexdec($two), str_split(substr($colour, 1), 2));
    }
}
