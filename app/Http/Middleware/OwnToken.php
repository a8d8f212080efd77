<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Journal\ThisStudio;
use Illuminate\Contracts\Encryption\Encrypter;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Symfony\Component\HttpFoundation\Cookie;

/** The token of a page, in a cookie named by its studio: two studios of one machine share their cookies' jar. */
final class OwnToken extends ValidateCsrfToken
{
    public function __construct(Application $app, Encrypter $encrypter, private readonly ThisStudio $studio)
    {
        parent::__construct($app, $encrypter);
    }

    /** @param  array<string, mixed>  $config */
    protected function newCookie($request, $config): Cookie
    {
        $cookie = parent::newCookie($request, $config);

        return Cookie::create('XSRF-TOKEN-'.$this->studio->shortId(), $cookie->getValue(), $cookie->getExpiresTime(), $cookie->getPath(), $cookie->getDomain(), $cookie->isSecure(), false, false, Cookie::SAMESITE_STRICT);
    }
}
