<?php

declare(strict_types=1);

namespace App\Providers;

use App\Access\JobPolicy;
use App\Access\ShopPolicy;
use App\Database\ExactConnection;
use App\Devices\ClampMeters;
use App\Devices\Instruments;
use App\Devices\StandIn\StandInClampMeters;
use App\Devices\StandIn\StandInInstruments;
use App\Models\Job;
use App\Models\Shop;
use App\Models\User;
use App\Runs\Tasks;
use Closure;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\ServiceProvider;
use PDO;
use Underpin\Drawing\Drawings;
use Underpin\Papers\Papers;
use Underpin\StageKey;
use Underpin\Stages\Stages;

final class AppServiceProvider extends ServiceProvider
{
    /** What one person may ask for in a minute of what takes the servers long. */
    private const HEAVY_A_MINUTE = ['prints' => 60, 'imports' => 30, 'photos' => 300, 'cells' => 600];

    public function register(): void
    {
        $this->app->bind(ClampMeters::class, StandInClampMeters::class);
        $this->app->bind(Instruments::class, StandInInstruments::class);
        $this->app->bind(Tasks::class, fn (): Tasks => Tasks::standard());
        $this->app->bind(Drawings::class, fn (): Drawings => Drawings::standard());
        $this->app->bind(Papers::class, fn (): Papers => Papers::standard());
        Connection::resolverFor(
            'mariadb',
            fn (
                PDO|Closure $pdo, string $database, string $prefix, array $config,
            ): ExactConnection => new ExactConnection($pdo, $database, $prefix, $config),
        );
    }

    public function boot(): void
    {
        /** @var list<string> $proxies */
        $proxies = config('app.trusted_proxies');
        TrustProxies::at($proxies);
        Model::shouldBeStrict(! $this->app->environment('production'));

        foreach (self::HEAVY_A_MINUTE as $work => $times) {
            RateLimiter::for($work, fn (Request $request): Limit => Limit::perMinute($times)->by("$work|".Auth::id()));
        }
        Gate::policy(Job::class, JobPolicy::class);
        Gate::policy(Shop::class, ShopPolicy::class);

        Blade::directive('part', fn (string $view): string => "<?php echo App\\Screens\\Pages\\PartHtml::of($view, \$screen)->html; ?>");

        // A job of another shop is not there at all.
        Route::bind('job', function (string $id): Job {
            $user = Auth::user();

            return $user instanceof User ? Job::query()->where('shop_id', $user->shop_id)->findOrFail($id) : abort(404);
        });
        Route::bind('stage', function (string $name): StageKey {
            $key = StageKey::tryFrom($name);

            return $key !== null && Stages::standard()->find($key) !== null ? $key : abort(404);
        });
    }
}
