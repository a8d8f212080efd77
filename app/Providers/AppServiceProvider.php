<?php

declare(strict_types=1);

namespace App\Providers;

use App\Database\ImmediateSQLiteConnector;
use App\Scale\Scale;
use App\Scale\SocketScale;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind('db.connector.sqlite', ImmediateSQLiteConnector::class);
        $this->app->bind(SocketScale::class, static function (): SocketScale {
            $path = config('scale.socket');

            return new SocketScale(is_string($path) && $path !== '' ? $path : null);
        });
        $this->app->bind(Scale::class, SocketScale::class);
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        Model::unguard();
    }
}
