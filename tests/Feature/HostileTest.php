<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Pour;
use Database\Seeders\DatabaseSeeder;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Whatever is sent, the answer is a sentence, and nothing that makes no sense is kept. */
final class HostileTest extends TestCase
{
    private const COAT = '/coats/6';

    protected string $studio = DatabaseSeeder::class;

    /** @return iterable<string, array{string, string, string}> */
    public static function requests(): iterable
    {
        $sent = [
            'PUT '.self::COAT => [
                '{"coat":{"size_by":{"thickness_mm":1e999}}}', '{"coat":{"size_by":{"thickness_mm":"1e999"}}}', '{"coat":{"note":'.str_repeat('{"a":', 150).'1'.str_repeat('}', 150).'}}',
                str_repeat('[', 100_000), '{"coat":{'.implode(',', array_map(static fn (int $i): string => "\"f$i\":$i", range(1, 40_000))).'}}', "{\"coat\":{\"note\":\"\xff\xfe\"}}",
                '[]', '"x"', 'null', '{"coat":[]}', '{"coat":{"size_by":[]}}', '{"coat":{"steps":7,"inclusions":"x","parts":{"0":1},"zone":[1]}}', '{"coat":{"\u0000":1}}', '{"coat":{"kind":{"a":1}}}', '{"resin_id":1e300}',
            ],
            'POST '.self::COAT.'/live' => ['{"coat":{"runoff_pct":-1e999}}'],
            'POST /pieces/live' => [
                '{"surface":"sealed","outline":{"shape":"path","d":"M0 0 A 0 5 0 0 0 10 10 A 5 5 0 0 0 10 10 L 0 10 Z"}}', '{"outline":{"shape":"path","d":"M0 0 L1e999 0 L 10 10Z"},"surface":"sealed"}',
                '{"outline":{"shape":"polygon","points_mm":[[1,2],["a"],3]},"surface":"sealed"}', '{"quantity":1e999,"outline":{"shape":"circle","diameter_mm":1e999}}', '{"surface":"sealed","outline":{"shape":"path","d":"M0 0 Q 5 0 10 0 L 10 10 L 0 10 Z"}}',
            ],
            'POST /events' => ['{"studio":7,"device":[],"events":{}}', '{}', ''],
            'PUT /plans/1/evening' => ['{"batches":[{"id":{},"coats":"x"},{"id":"b","coats":[{}],"counts":[],"colours":7}]}', '{"batches":[{"id":"b1","coats":["autumn-flood"],"emptied_min":1e999}]}'],
            'POST /plans/1/evening/move' => ['{"coat":"x","from":"y","count":1e300}'],
            'POST /plans/1/evening/propose' => ['{"coats":[["x"]]}', '{"coats":["99999999999999999999:x"]}'],
            'POST /plans/1/batches/batch-1/bath' => ['{"celsius":"1e999"}'],
            'PUT /studio' => ['{"name":["x"],"studio":{"temperature_c":"1e999"}}', "{\"name\":\"\xff\"}", '{"name":"A","studio":{"temperatures":[{"at_h":1e999}]}}'],
            'POST /shelf/resins' => ['{"name":"X","ratio":7,"open_min":"1e999"}'],
            'POST /shelf/vessels' => ['{"name":"X","bottom_mm":1e999}'],
            'POST /shelf/recipes' => ['{"name":"x","doses":[7,{"colourant":{}}]}'],
            'POST /outlines/traced' => ['{"loops":7}', '{"knots":[[{"x":1e999,"y":0}]],"length":[]}'],
            'POST /outlines/svg' => ['<svg', "\xff", '<svg xmlns="http://www.w3.org/2000/svg"><path d="M0 0 A0 0 0 0 0 0 0"/></svg>'],
            'POST '.self::COAT.'/pours' => ['{"studio":{"temperature_c":1e999}}', '{"press":{"id":"x"}}', '{"press":[]}'],
            'POST /pours/POUR/finish' => ['{"used_a":["x"],"how_a":{"b":1}}', '{"press":"{"}'],
            'GET' => [
                '/pieces/abc', '/pours/abc', '/mixings/abc', self::COAT.'99999999999999999999', '/plans/abc/evening', '/pieces?page=1e999&plan=x&find[]=1', '/pieces?find=%FF', '/shelf?tab[]=x',
                '/pieces/3/history?page=-5', '/pieces/3/template?less=1e999', '/pours/POUR/trace/%FF', '/photos/x.jpg', '/plans/1/evening/live?batch=%FF',
            ],
        ];
        foreach ($sent as $where => $bodies) {
            foreach ($bodies as $body) {
                [$method, $url] = explode(' ', "$where ");
                [$url, $body] = $method === 'GET' ? [$body, ''] : [$url, $body];
                yield "$method $url ".mb_convert_encoding(substr($body, 0, 60), 'UTF-8', 'UTF-8') => [$method, $url, $body];
            }
        }
    }

    #[DataProvider('requests')]
    public function test_the_answer_is_never_a_fault_of_the_studio(string $method, string $url, string $body): void
    {
        $url = str_replace('POUR', Pour::query()->latest('started_at')->firstOrFail()->id, $url);
        $answer = $this->call($method, $url, server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: $body);
        self::assertLessThan(500, $answer->status(), (string) $answer->exception?->getMessage());
        if ($answer->status() >= 400 && $answer->status() !== 404) {
            self::assertNotSame([], array_filter((array) $answer->json('sentences')), 'it says why');
        }
        $this->get('/')->assertOk();
        $this->get(self::COAT)->assertOk();
    }
}
