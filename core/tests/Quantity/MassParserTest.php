<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Quantity;

use OpenGlaze\Core\Quantity\LengthParser;
use OpenGlaze\Core\Quantity\LengthUnit;
use OpenGlaze\Core\Quantity\MassParser;
use OpenGlaze\Core\Quantity\QuantityException;
use OpenGlaze\Core\Quantity\UnitSystem;
use OpenGlaze\Core\Quantity\VolumeParser;
use OpenGlaze\Core\Tests\Support\English;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Weights as they are written down, and what holds for weights, volumes and lengths alike. */
final class MassParserTest extends TestCase
{
    #[TestWith(['38.2', 38.2])]
    #[TestWith(['38,2 g', 38.2])]
    #[TestWith([' .5g ', 0.5])]
    #[TestWith(['1.25 kg', 1250.0])]
    #[TestWith(['12 grams', 12.0])]
    #[TestWith(['12 gr', 12.0])]
    #[TestWith(['1250', 1250.0])]
    #[TestWith(['0,125', 0.125])]
    #[TestWith(['-3', -3.0])]
    public function test_weights_as_people_write_them(string $written, float $grams): void
    {
        self::assertEqualsWithDelta($grams, MassParser::g($written), 1e-9);
    }

    #[TestWith([''])]
    #[TestWith(['g'])]
    #[TestWith(['some'])]
    #[TestWith(['38 ml'])]
    #[TestWith(['38 g 2'])]
    #[TestWith(['1e3'])]
    #[TestWith(['38 oz'])]
    public function test_what_is_no_weight_is_said(string $written): void
    {
        $this->expectException(QuantityException::class);
        MassParser::g($written);
    }

    #[TestWith(['1,250'])]
    #[TestWith(['12,500'])]
    #[TestWith(['250,000'])]
    public function test_a_comma_that_can_mean_thousands_is_asked_about_and_never_guessed(string $written): void
    {
        foreach ([
            static fn (): float => MassParser::g("$written g"),
            static fn (): float => VolumeParser::ml("$written ml", UnitSystem::Metric),
            static fn (): float => LengthParser::mm("$written mm", LengthUnit::Millimetre),
        ] as $read) {
            try {
                self::fail('It was read as '.$read());
            } catch (QuantityException $exception) {
                self::assertStringContainsString('can mean two numbers', English::say($exception->said));
            }
        }
        self::assertSame(1250.5, MassParser::g('1250,5'));
        self::assertSame(1250.0, VolumeParser::ml('1,25 l', UnitSystem::Metric));
    }

    public function test_what_is_written_in_any_unit_is_the_same_amount(): void
    {
        $random = new Randomizer(new Mt19937(7));
        for ($times = 0; $times < 300; $times++) {
            $value = $random->getInt(1, 999_999) / 1000;
            $text = rtrim(rtrim(sprintf('%.3F', $value), '0'), '.');
            self::assertEqualsWithDelta($value, MassParser::g($text), 1e-9);
            self::assertEqualsWithDelta($value * 1000, MassParser::g("$text kg"), 1e-6);
            self::assertEqualsWithDelta(VolumeParser::ml("$text l", UnitSystem::Metric), 1000 * VolumeParser::ml($text, UnitSystem::Metric), 1e-6);
            self::assertEqualsWithDelta(VolumeParser::ml("$text fl oz", UnitSystem::Metric), VolumeParser::ml($text, UnitSystem::Imperial), 1e-9);
            self::assertEqualsWithDelta(3 * VolumeParser::ml("$text tsp", UnitSystem::Metric), VolumeParser::ml("$text tbsp", UnitSystem::Metric), 1e-6);
            self::assertEqualsWithDelta(LengthParser::mm("$text cm", LengthUnit::Inch), 10 * LengthParser::mm("$text mm", LengthUnit::Inch), 1e-6);
            self::assertEqualsWithDelta(12 * LengthParser::mm("$text in", LengthUnit::Millimetre), LengthParser::mm("$text ft", LengthUnit::Millimetre), 1e-6);
        }
    }

    public function test_whatever_is_typed_is_read_or_refused_with_a_sentence_and_nothing_else_happens(): void
    {
        $random = new Randomizer(new Mt19937(11));
        $bits = ['1', '2', '0', '/', ' ', '.', ',', '-', '−', "'", '"', 'mm', 'cm', 'ml', 'g', 'kg', 'fl', 'oz', 'tbsp', '½', '³', '%', '°', 'é', "\u{200B}", '+', 'e', 'E', "\n", '٣'];
        $read = 0;
        for ($times = 0; $times < 4000; $times++) {
            $text = implode('', $random->shuffleArray(array_slice($random->shuffleArray($bits), 0, $random->getInt(1, 6))));
            foreach ([MassParser::g(...), static fn (string $one): float => VolumeParser::ml($one, UnitSystem::Imperial), static fn (string $one): float => LengthParser::mm($one, LengthUnit::Inch)] as $parser) {
                try {
                    self::assertTrue(is_finite($parser($text)), $text);
                    $read++;
                } catch (QuantityException $exception) {
                    self::assertMatchesRegularExpression('/\.$/', English::say($exception->said));
                    self::assertLessThan(200, mb_strlen(English::say($exception->said)));
                }
            }
        }
        self::assertGreaterThan(400, $read, 'not all of it is nonsense');
    }
}
