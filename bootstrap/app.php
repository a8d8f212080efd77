<?php

declare(strict_types=1);

use App\Http\Middleware\KeepDoorsShut;
use App\Http\Middleware\NameSession;
use App\Http\Middleware\OwnToken;
use App\Http\Middleware\Rehearse;
use App\Http\Middleware\ShareWithPages;
use App\Http\Problems;
use Illuminate\Cookie\Middleware\AddQueuedCookiesToResponse;
use Illuminate\Cookie\Middleware\EncryptCookies;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\ValidatePostSize;
use Illuminate\Http\Response;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Route;
use Illuminate\View\Middleware\ShareErrorsFromSession;

foreach (['cache/data', 'sessions', 'views', 'testing'] as $folder) {
    if (! is_dir($path = dirname(__DIR__).'/storage/framework/'.$folder)) {
        mkdir($path, 0775, true);
    }
}

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php', then: function (): void {
        // whether it answers at all; nothing of the studio, and no session
        Route::get('/up', fn (): Response => response('up', 200, ['Content-Type' => 'text/plain']));
    })
    ->withCommands([__DIR__.'/../app/Console/Commands'])
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->prepend(KeepDoorsShut::class);
        // after the session has begun, so that the sentence about a post too large reaches its field
        $middleware->remove(ValidatePostSize::class);
        // what every page knows comes before all that may refuse: a page that says so knows it too
        $middleware->group('web', [
            Rehearse::class, NameSession::class, EncryptCookies::class, AddQueuedCookiesToResponse::class, StartSession::class, ShareErrorsFromSession::class,
            ShareWithPages::class, OwnToken::class, SubstituteBindings::class, ValidatePostSize::class,
        ]);
        $middleware->prependToPriorityList(before: SubstituteBindings::class, prepend: ShareWithPages::class);
        $middleware->encryptCookies(except: ['units', Rehearse::COOKIE]);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        Problems::register($exceptions);
    })
    ->create();
