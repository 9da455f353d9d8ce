<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Addresses from before there were versions. They answer as long as a device of an older build may hold sets, and say that they are
 * deprecated and what follows them (RFC 9745, RFC 8288).
 */
final class FormerAddress
{
    public const SINCE = '2026-12-01T00:00:00Z';

    public function handle(Request $request, Closure $next): Response
    {
        /** @var Response $response */
        $response = $next($request);
        $response->headers->set('Deprecation', '@'.(new \DateTimeImmutable(self::SINCE))->getTimestamp());
        $response->headers->set('Link', '</api/v1'.substr($request->getPathInfo(), strlen('/api')).'>; rel="successor-version"');

        return $response;
    }
}
