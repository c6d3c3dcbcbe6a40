<?php

declare(strict_types=1);

namespace App\Providers;

use App\Wording\Region;
use App\Wording\RegionLoader;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\App;
use Illuminate\Support\Facades\Lang;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;
use Illuminate\Translation\FileLoader;

final class AppServiceProvider extends ServiceProvider
{
    /** What addresses name by its number. */
    private const NUMBERS = [
        'attempt', 'boardFile', 'task', 'marking', 'assignment', 'classroom', 'trainee', 'other', 'instructor', 'deleted', 'evening', 'drill',
        'photograph',
    ];

    private const MOST_REQUESTS_A_MINUTE = 900;

    public function register(): void
    {
        App::useLangPath(config()->string('app.languages'));
        $this->app->extend('translation.loader', fn (FileLoader $framework, Application $app) => new RegionLoader(
            $app->make('files'),
            $framework->paths(),
        ));
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        Lang::determineLocalesUsing(Region::orderOf(...));
        // The host is never taken from a proxy: nothing is to be addressed to where somebody says.
        TrustProxies::at(config()->array('app.trusted_proxies'));
        TrustProxies::withHeaders(Request::HEADER_X_FORWARDED_FOR | Request::HEADER_X_FORWARDED_PROTO | Request::HEADER_X_FORWARDED_PORT);
        JsonResource::withoutWrapping();
        // From the same place as the page, whatever stands between and under whatever name and port.
        Vite::useBuildDirectory(config()->string('app.build'));
        Vite::createAssetPathsUsing(fn (string $path): string => "/$path");
        // What is no number is nothing's, whatever a database would make of it.
        Route::patterns(array_fill_keys(self::NUMBERS, '[0-9]{1,18}'));
        // By person, never by address: a class shares one.
        RateLimiter::for('person', fn (Request $request) => Limit::perMinute(self::MOST_REQUESTS_A_MINUTE)
            ->by((string) ($request->user()?->getAuthIdentifier() ?? $request->session()->getId()))
            ->response(fn () => response()->json(['message' => __('messages.too-often')], 429)));
    }
}
