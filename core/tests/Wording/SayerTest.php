<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Wording;

use LogicException;
use OpenGlaze\Core\Message\Listed;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Quantity\UnitSystem;
use OpenGlaze\Core\Tests\Support\English;
use OpenGlaze\Core\Wording\Catalogue;
use OpenGlaze\Core\Wording\Sayer;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SayerTest extends TestCase
{
    /** @return iterable<string, array{Measure, string, string}> */
    public static function measures(): iterable
    {
        yield 'a film' => [Measure::thickness(0.25), '0.25 mm', '0.01 in'];
        yield 'a long side' => [Measure::length(620.0), '620 mm', '24.41 in'];
        yield 'a ripple' => [Measure::length(2.54), '2.5 mm', '0.1 in'];
        yield 'a cup' => [Measure::volume(29.5735295625), '29.6 ml', '1 fl oz'];
        yield 'a bucket' => [Measure::volume(1000.0), '1000 ml', '33.8 fl oz'];
        yield 'a room' => [Measure::temperature(21.0), '21 °C', '70 °F'];
        yield 'a frost' => [Measure::temperature(-10.0), '-10 °C', '14 °F'];
        yield 'three degrees warmer' => [Measure::temperatureDifference(3.0), '3 °C', '5 °F'];
        yield 'a slope' => [Measure::slope(1.0), '1 mm in a metre', '0.012 in in a foot'];
        yield 'minutes' => [Measure::minutes(41.6), '42 min', '42 min'];
        yield 'hours' => [Measure::hours(4.25), '4.3 h', '4.3 h'];
        yield 'a share' => [Measure::percent(80.4), '80 %', '80 %'];
        yield 'an error' => [Measure::percent(1.25, 1), '1.3 %', '1.3 %'];
        yield 'soak' => [Measure::soak(25.0), '25 ml/m²', '0.08 fl oz a square foot'];
        yield 'a bare number' => [Measure::number(1.10, 2), '1.1', '1.1'];
        yield 'a whole one' => [Measure::number(1.0, 2), '1', '1'];
        yield 'a thousand' => [Measure::number(1000.0), '1000', '1000'];
        yield 'a small one' => [Measure::number(0.005, 2), '0.01', '0.01'];
        yield 'one below nothing' => [Measure::number(-0.5, 1), '-0.5', '-0.5'];
    }

    #[DataProvider('measures')]
    public function test_a_quantity_is_said_in_the_persons_units(Measure $measure, string $metric, string $imperial): void
    {
        $said = Message::of('batches.spares', more: $measure);
        self::assertSame($metric, English::say($said));
        self::assertSame($imperial, English::say($said, UnitSystem::Imperial));
    }

    public function test_several_are_listed_as_the_language_lists_them(): void
    {
        $said = static fn (Listed $listed): string => English::say(Message::of('batches.spares', more: $listed));
        self::assertSame(['', 'a', 'a and b', 'a, b and c'], [$said(Listed::and([])), $said(Listed::and(['a'])), $said(Listed::and(['a', 'b'])), $said(Listed::and(['a', 'b', 'c']))]);
        self::assertSame(['a, b', 'a; b', 'a, or b', 'a; or b'], [$said(Listed::commas(['a', 'b'])), $said(Listed::semicolons(['a', 'b'])), $said(Listed::orOf(['a', 'b'])), $said(Listed::or(['a', 'b']))]);
        self::assertSame('0.1 mm and 0.05 mm', $said(Listed::and([Measure::thickness(0.1), Measure::thickness(0.05)])));
    }

    public function test_another_language_is_another_catalogue_and_nothing_else(): void
    {
        $german = new class implements Catalogue
        {
            public function line(string $key): string
            {
                return match ($key) {
                    'advice.hot_lift.lump' => ':Predicted, als Klumpen.',
                    'advice.hot_lift.reaches' => 'erreicht :peak',
                    'quantities.celsius' => ':n Grad',
                    default => throw new LogicException($key),
                };
            }
        };
        $said = Message::of('advice.hot_lift.lump', predicted: Message::of('advice.hot_lift.reaches', peak: Measure::temperature(92.0)));
        self::assertSame('Erreicht 92 Grad, als Klumpen.', (new Sayer($german, UnitSystem::Metric))->say($said));
    }

    public function test_a_persons_own_words_are_left_as_they_are(): void
    {
        self::assertSame('Stir ":peak & :cup" once more just before it is poured: grains settle.', English::say(Message::of('advice.stir_again', cup: ':peak & :cup')));
    }
}
