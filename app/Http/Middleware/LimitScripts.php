<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Gym\User;
use Closure;
use Illuminate\Contracts\Container\Container;
use Illuminate\Http\Request;
use Illuminate\Routing\Middleware\ThrottleRequests;
use Symfony\Component\HttpFoundation\Response;

/**
 * A script asks so often a minute; what counts it is made for scripts alone, so that nobody on the floor waits for it.
 */
final readonly class LimitScripts
{
    public const LIMIT = 'scripts';

    public function __construct(private Container $container)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        $who = $request->user();

        return $who instanceof User && $who->script() !== null
            ? $this->container->make(ThrottleRequests::class)->handle($request, $next, self::LIMIT)
            : $next($request);
    }
}
