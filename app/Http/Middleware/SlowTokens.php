<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Actions\Gym\SlowTries;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Whoever tries tokens waits longer after each wrong one.
 */
final readonly class SlowTokens
{
    public function __construct(private SlowTries $tries)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        if ($request->bearerToken() === null) {
            return $next($request);
        }
        $guesses = SlowTries::key('token', (string) $request->ip());
        $this->tries->begin([$guesses], 'wrong tokens');
        /** @var Response $response */
        $response = $next($request);
        if ($response->getStatusCode() === Response::HTTP_UNAUTHORIZED) {
            $this->tries->failed($guesses, SlowTries::FREE_GUESSES);
        }

        return $response;
    }
}
