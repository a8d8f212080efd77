<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Journal\ThisStudio;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** The session lies in a cookie named by its studio: two studios of one machine share their cookies' jar. */
final readonly class NameSession
{
    public function __construct(private ThisStudio $studio)
    {
    }

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        config(['session.cookie' => 'open-glaze-'.$this->studio->shortId()]);

        return $next($request);
    }
}
