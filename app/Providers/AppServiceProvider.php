<?php

declare(strict_types=1);

namespace App\Providers;

use App\Clock\StudioClock;
use App\Database\ImmediateSQLiteConnector;
use App\Device\LineSocket;
use App\Journal\Bench;
use App\Journal\FoldTheBench;
use App\Journal\SubjectRules;
use App\Journal\ThisStudio;
use App\Journal\Words;
use App\Mixing\CupRules;
use App\Models\Plan;
use App\Planning\CachedHeats;
use App\Pouring\EveningRules;
use App\Pouring\FilmRules;
use App\Rehearsing\DeadScale;
use App\Rehearsing\Stage;
use App\Scale\Scale;
use App\Scale\SocketScale;
use App\Sensing\SocketSensor;
use App\Stock\LotRules;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Events\MigrationsEnded;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\ServiceProvider;
use OpenGlaze\Core\Heat\KnownHeats;
use OpenGlaze\Core\Rehearsal\Accident;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind('db.connector.sqlite', ImmediateSQLiteConnector::class);
        foreach ([SocketScale::class => 'scale.socket', SocketSensor::class => 'sensor.socket'] as $device => $setting) {
            $this->app->when($device)->needs(LineSocket::class)->give(static function () use ($setting): LineSocket {
                $path = config($setting);

                return new LineSocket(is_string($path) && $path !== '' ? $path : null);
            });
        }
        $this->app->scoped(Stage::class);
        $this->app->bind(Scale::class, static fn (Application $app): Scale => in_array(Accident::DeadScale, $app->make(Stage::class)->rehearsal()?->accidents() ?? [], true) ? new DeadScale : $app->make(SocketScale::class));
        $this->app->bind(StudioClock::class, static function (Application $app): StudioClock {
            $path = config('studio.clock');

            return new StudioClock(is_string($path) && $path !== '' ? $path : null, $app->make(Stage::class)->pace());
        });
        $this->app->scoped(ThisStudio::class);
        $this->app->tag([CupRules::class, FilmRules::class, LotRules::class, EveningRules::class], SubjectRules::class);
        $this->app->when([Bench::class, Words::class])->needs('$rules')->giveTagged(SubjectRules::class);
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        Model::unguard();
        KnownHeats::keepIn(new CachedHeats);
        // one evening for all plans that are open: it stands with the studio's own
        Route::bind('evening', static fn (string $id): Plan => (string) ($own = Plan::own())->id === $id ? $own : abort(404));
        // rows of the bench are folded by the code that is here now, whatever wrote the database
        Event::listen(MigrationsEnded::class, FoldTheBench::class);
    }
}
