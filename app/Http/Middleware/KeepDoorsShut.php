<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Saying\Person;
use Closure;
use Illuminate\Http\Request;
use OpenGlaze\Core\Message\Message;
use Symfony\Component\HttpFoundation\Response;

/**
 * Serves this studio's own pages alone: an address that is not served is refused, so is a request that a
 * page from elsewhere makes, and browsers are told what no page of the studio ever does.
 */
final class KeepDoorsShut
{
    private const SAFE = ['GET', 'HEAD', 'OPTIONS'];

    private const HEADERS = [
        // styles are set on elements by the drawings; scripts are files, and nothing comes from elsewhere
        'Content-Security-Policy' => "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' blob: data:; connect-src 'self'; worker-src 'self'; manifest-src 'self'; object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'",
        'X-Content-Type-Options' => 'nosniff',
        'X-Frame-Options' => 'DENY',
        'Referrer-Policy' => 'same-origin',
        'Cross-Origin-Opener-Policy' => 'same-origin',
        'Cross-Origin-Resource-Policy' => 'same-origin',
        'Permissions-Policy' => 'geolocation=(), microphone=(), payment=(), usb=()',
    ];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $refused = $this->refused($request);
        if ($refused !== null) {
            return $this->marked(new Response(Person::of($request)->say(Message::of($refused === 421 ? 'problems.421' : 'problems.not_ours')), $refused, ['Content-Type' => 'text/plain; charset=utf-8']));
        }
        // a way back leads home, never to the page of another
        if (! $this->isOurs($request, $request->headers->get('Referer'))) {
            $request->headers->remove('Referer');
        }

        return $this->marked($next($request));
    }

    /** The status that it is refused with; null where it is not. */
    private function refused(Request $request): ?int
    {
        if (! in_array($request->headers->get('Host'), self::served(), true)) {
            return 421;
        }
        $origin = $request->headers->get('Origin');
        if ($origin !== null && ! $this->isOurs($request, $origin)) {
            return 403;
        }
        $from = $request->headers->get('Sec-Fetch-Site');
        $elsewhere = $from !== null && ! in_array($from, ['same-origin', 'none'], true);
        // a link from elsewhere may lead here; nothing else from elsewhere may
        $isLink = in_array($request->getMethod(), self::SAFE, true) && $request->headers->get('Sec-Fetch-Mode') === 'navigate' && $request->headers->get('Sec-Fetch-Dest') === 'document';

        return $elsewhere && ! $isLink ? 403 : null;
    }

    private function isOurs(Request $request, ?string $url): bool
    {
        foreach (self::served() as $host) {
            $home = $request->getScheme().'://'.$host;
            if ($url === $home || ($url !== null && str_starts_with($url, $home.'/'))) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> names and ports that the studio is served at */
    private static function served(): array
    {
        $hosts = config('doors.served_at');

        return is_array($hosts) ? array_values(array_filter($hosts, is_string(...))) : [];
    }

    private function marked(Response $response): Response
    {
        foreach (self::HEADERS as $name => $value) {
            $response->headers->set($name, $value);
        }
        $response->headers->remove('X-Powered-By');

        return $response;
    }
}
