<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Support\Facades\Route;

/** The routes of the application. */
final class Routes
{
    /** @return list<array{string, string}> method and address of every one */
    public static function all(): array
    {
        $routes = [];
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if (str_starts_with($route->uri(), 'api/') && ! $route->isFallback) {
                $routes[] = [$route->methods()[0], $route->uri()];
            }
        }

        return $routes;
    }
}
