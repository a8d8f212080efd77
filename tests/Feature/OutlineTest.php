<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** Outlines that are traced, or brought in a drawing. */
final class OutlineTest extends TestCase
{
    private const SQUARE = [[['x' => 100, 'y' => 100, 'corner' => true], ['x' => 300, 'y' => 100, 'corner' => true], ['x' => 300, 'y' => 300, 'corner' => true], ['x' => 100, 'y' => 300, 'corner' => true]]];

    private const RULE = ['from' => ['x' => 0, 'y' => 0], 'to' => ['x' => 100, 'y' => 0], 'mm' => '5 cm'];

    public function test_what_was_traced_comes_back_as_an_outline_in_mm(): void
    {
        $made = $this->postJson('/outlines/traced', ['loops' => self::SQUARE, 'length' => self::RULE])->assertOk()->json();
        self::assertSame([100, 100, 100], [$made['area_cm2'], $made['width_mm'], $made['height_mm']]);
        $this->postJson('/pieces', ['name' => 'Traced', 'outline' => ['shape' => 'path', 'd' => $made['d']], 'surface' => 'raw_ply', 'edge_depth_mm' => '12', 'coated_edges' => 'all'])->assertRedirect();
        self::assertSame(1, $this->piece()->coats()->count());
    }

    public function test_a_sheet_of_known_size_gives_the_scale_too(): void
    {
        $corners = [['x' => 100, 'y' => 100], ['x' => 300, 'y' => 100], ['x' => 300, 'y' => 300], ['x' => 100, 'y' => 300]];
        $this->postJson('/outlines/traced', ['loops' => self::SQUARE, 'sheet' => ['corners' => $corners, 'width_mm' => '8 in', 'height_mm' => '8 in']])
            ->assertOk()->assertJsonPath('width_mm', fn (float $mm): bool => abs($mm - 203.2) < 0.01);
    }

    /** @param  array<string, mixed>  $body */
    #[TestWith([['loops' => [], 'length' => self::RULE], 'outline', 'three points'])]
    #[TestWith([['loops' => self::SQUARE], 'outline', 'Mark two points'])]
    #[TestWith([['loops' => self::SQUARE, 'length' => ['from' => ['x' => 0, 'y' => 0], 'to' => ['x' => 9, 'y' => 0], 'mm' => '5']], 'outline', 'farther apart'])]
    #[TestWith([['loops' => self::SQUARE, 'length' => ['from' => ['x' => 0, 'y' => 0], 'to' => ['x' => 99, 'y' => 0], 'mm' => 'some']], 'mm', '"some" is not a length'])]
    #[TestWith([['loops' => self::SQUARE, 'length' => ['from' => ['x' => 0, 'y' => 0], 'to' => ['x' => 99, 'y' => 0], 'mm' => '90 m']], 'mm', 'from 0.1 to 10,000'])]
    #[TestWith([['loops' => self::SQUARE, 'sheet' => ['corners' => [['x' => 1, 'y' => 1]], 'width_mm' => '1', 'height_mm' => '1']], 'outline', 'all four corners'])]
    #[TestWith([['loops' => [[['x' => 'left', 'y' => 3]]], 'length' => self::RULE], 'outline', 'has no place'])]
    #[TestWith([['loops' => [[['x' => 0, 'y' => 0, 'corner' => true], ['x' => 200, 'y' => 200, 'corner' => true], ['x' => 200, 'y' => 0, 'corner' => true], ['x' => 0, 'y' => 210, 'corner' => true]]], 'length' => self::RULE], 'outline', 'crosses itself'])]
    public function test_what_gives_no_outline_is_a_sentence_where_it_happened(array $body, string $field, string $sentence): void
    {
        $said = $this->postJson('/outlines/traced', $body)->assertUnprocessable()->json("sentences.$field");
        self::assertIsString($said);
        self::assertStringContainsString($sentence, $said);
    }

    public function test_a_drawing_is_brought_and_asked_for_its_width_when_it_has_none(): void
    {
        $svg = '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 10 10"><rect width="10" height="5"/></svg>';
        $this->bring('/outlines/svg', $svg)->assertUnprocessable()->assertJsonPath('sentences.width', fn (string $text): bool => str_contains($text, 'give the width'));
        $this->bring('/outlines/svg?width=20+cm', $svg)->assertOk()->assertJsonPath('height_mm', 100);
        $this->bring('/outlines/svg?width=wide', $svg)->assertUnprocessable()->assertJsonPath('sentences.width', fn (string $text): bool => str_contains($text, '"wide"'));
        $this->bring('/outlines/svg', '<!DOCTYPE svg><svg/>')->assertUnprocessable()->assertJsonPath('sentences.outline', fn (string $text): bool => str_contains($text, 'document type'));
    }

    private function bring(string $url, string $svg): TestResponse
    {
        return $this->call('POST', $url, server: ['CONTENT_TYPE' => 'text/plain', 'HTTP_ACCEPT' => 'application/json'], content: $svg);
    }
}
