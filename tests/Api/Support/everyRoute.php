<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route as Routes;

/**
 * Every route of the API as [method, path with its parameters in braces].
 *
 * @return list<array{string, string}>
 */
function everyRoute(): array
{
    $found = [];
    foreach (Routes::getRoutes()->getRoutes() as $route) {
        if (str_starts_with($route->uri(), 'api/v1/')) {
            $found[] = [$route->methods()[0], '/'.$route->uri()];
        }
    }

    return $found;
}
