<?php

declare(strict_types=1);

namespace App\Providers;

use App\Database\ImmediateSQLiteConnector;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind('db.connector.sqlite', ImmediateSQLiteConnector::class);
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        Model::unguard();
    }
}
