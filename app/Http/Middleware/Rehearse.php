<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Arrival;
use App\Journal\ThisStudio;
use App\Rehearsing\Stage;
use App\Rehearsing\WhatGoesWrong;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Who rehearses is answered from the copy of the studio that they rehearse in, by its clock. */
final readonly class Rehearse
{
    public const COOKIE = 'rehearsal';

    /** Of whose page it is that asks, and who answers. */
    public const STUDIO = 'X-Studio';

    public function __construct(
        private Stage $stage,
        private ThisStudio $studio,
    ) {
    }

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $id = $request->cookies->get(self::COOKIE);
        // a page that was opened before the rehearsal goes on hearing of what is really wet
        if (! is_string($id) || $request->headers->get(self::STUDIO) === $this->studio->id() || ! $this->stage->enter($id)) {
            return $next($request);
        }
        try {
            $rehearsal = $this->stage->rehearsal();
            if ($rehearsal !== null) {
                app(WhatGoesWrong::class)->until($rehearsal, (int) Arrival::of($request)->valueOf());
            }

            return $next($request);
        } finally {
            $this->stage->leave();
        }
    }
}
