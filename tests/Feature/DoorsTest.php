<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Pour;
use Database\Seeders\DatabaseSeeder;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** A page from elsewhere neither reads nor writes. */
final class DoorsTest extends TestCase
{
    protected string $studio = DatabaseSeeder::class;

    /** @return iterable<string, array{string}> */
    public static function addresses(): iterable
    {
        yield from [
            'a name that points at this machine' => ['studio.example:8000'],
            'a wrong port' => ['127.0.0.1:9000'],
            'no port' => ['127.0.0.1'],
            'a name that only begins so' => ['127.0.0.1.example:8000'],
        ];
    }

    #[DataProvider('addresses')]
    public function test_an_address_that_is_not_served_is_refused(string $host): void
    {
        foreach (['/', '/now/pours', '/plans/1/file', '/up'] as $path) {
            $this->get("http://$host$path")->assertStatus(421);
        }
        $this->postJson("http://$host/events", [])->assertStatus(421);
    }

    /** @return iterable<string, array{array<string, string>}> */
    public static function strangers(): iterable
    {
        yield from [
            'a page of another origin' => [['Origin' => 'http://studio.example']],
            'a page of another port' => [['Origin' => 'http://127.0.0.1:9000']],
            'a sandboxed frame' => [['Origin' => 'null']],
            'a form on another site' => [['Sec-Fetch-Site' => 'cross-site', 'Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document']],
            'a script on another port' => [['Sec-Fetch-Site' => 'same-site', 'Sec-Fetch-Mode' => 'cors']],
        ];
    }

    /** @param  array<string, string>  $headers */
    #[DataProvider('strangers')]
    public function test_what_a_page_from_elsewhere_sends_is_not_taken(array $headers): void
    {
        $pour = Pour::query()->firstOrFail();
        $this->withHeaders($headers)->sendEvents([$this->pressed($pour->id, 'taken_off')])->assertStatus(403);
        $this->withHeaders($headers)->put('/studio', ['name' => 'Taken over'])->assertStatus(403);
        self::assertSame(0, Pour::query()->where('id', $pour->id)->where('off_event', '!=', $pour->off_event)->count());
        $this->flushHeaders()->get('/studio')->assertOk()->assertInertia(fn ($page) => $page->where('name', 'Halfmoon Bench'));
    }

    public function test_nothing_of_it_is_shown_inside_a_page_from_elsewhere_but_a_link_leads_here(): void
    {
        $photo = '/photos/'.Pour::query()->whereNotNull('photo')->firstOrFail()->photo;
        $this->get($photo, ['Sec-Fetch-Site' => 'cross-site', 'Sec-Fetch-Mode' => 'no-cors', 'Sec-Fetch-Dest' => 'image'])->assertStatus(403);
        $this->get('/', ['Sec-Fetch-Site' => 'cross-site', 'Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'iframe'])->assertStatus(403);
        $this->get('/', ['Sec-Fetch-Site' => 'cross-site', 'Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document'])->assertOk();
        $this->get($photo, ['Sec-Fetch-Site' => 'same-origin', 'Sec-Fetch-Mode' => 'no-cors', 'Sec-Fetch-Dest' => 'image'])->assertOk();
    }

    public function test_every_answer_tells_browsers_what_no_page_here_does(): void
    {
        foreach (['/', '/now/pours', '/nowhere', '/up'] as $path) {
            $headers = $this->get($path)->headers;
            $policy = (string) $headers->get('Content-Security-Policy');
            self::assertStringContainsString("script-src 'self';", $policy);
            self::assertStringContainsString("frame-ancestors 'none'", $policy);
            self::assertSame(['nosniff', 'same-origin'], [$headers->get('X-Content-Type-Options'), $headers->get('Referrer-Policy')]);
            self::assertNull($headers->get('X-Powered-By'));
        }
        self::assertDoesNotMatchRegularExpression('/<script(?![^>]*\b(src|type="(application\/json|module)"))[^>]*>/', (string) $this->get('/')->getContent(), 'no script stands in a page');
        self::assertSame('up', $this->get('/up')->getContent());
    }

    public function test_a_way_back_leads_home(): void
    {
        $this->json('PUT', '/studio', ['name' => ''], ['X-Inertia' => 'true', 'Referer' => 'http://studio.example/bait'])->assertRedirect('/');
        $this->json('PUT', '/studio', ['name' => ''], ['X-Inertia' => 'true', 'Referer' => 'http://127.0.0.1:8000/studio'])->assertRedirect('/studio');
    }
}
