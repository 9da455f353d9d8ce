<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route as Routes;

/** What needs no sign-in. */
const PUBLIC_ROUTES = [
    '/api/v1/health', '/api/v1/sign-in', '/api/v1/gym', '/api/v1/cautions', '/api/v1/pulse/{ticket}', '/api/v1/password-links',
    '/api/v1/password-link',
];

/** Opened by whoever holds its link or code, signed in or not. */
function isOpenedByHolder(string $path): bool
{
    return preg_match('#^/api/v1/(my|calendars|board)\b#', $path) === 1;
}

/** What everybody does with their own account. */
const OWN_ACCOUNT = [
    'PUT /api/v1/me', 'PUT /api/v1/me/reminders', 'PUT /api/v1/password', 'POST /api/v1/sign-out', 'DELETE /api/v1/sessions/{session}', 'POST /api/v1/second-factor',
    'PUT /api/v1/second-factor', 'POST /api/v1/second-factor/end',
];

/** What only the owner sees and does. */
const THE_OWNERS = [
    'GET /api/v1/export', 'GET /api/v1/staff', 'POST /api/v1/staff', 'PUT /api/v1/staff/{member}/role', 'DELETE /api/v1/staff/{member}',
    'DELETE /api/v1/staff/{member}/second-factor',
    'GET /api/v1/mailbox', 'GET /api/v1/imports', 'POST /api/v1/imports', 'GET /api/v1/imports/{import}',
    'PUT /api/v1/imports/{import}/mapping', 'POST /api/v1/imports/{import}/order', 'POST /api/v1/imports/{import}/undoing',
    'PUT /api/v1/settings',
    'PUT /api/v1/settings/athletes-tell', 'PUT /api/v1/settings/board', 'PUT /api/v1/settings/erasure', 'PUT /api/v1/settings/health',
    'GET /api/v1/erasures', 'GET /api/v1/audit', 'POST /api/v1/audit/{entry}/undo', 'GET /api/v1/athletes/{athlete}/erasure',
    'POST /api/v1/athletes/{athlete}/erasure', 'GET /api/v1/tokens', 'POST /api/v1/tokens', 'DELETE /api/v1/tokens/{token}',
    'GET /api/v1/webhooks', 'PUT /api/v1/webhooks', 'GET /api/v1/webhooks/{webhook}/deliveries', 'POST /api/v1/webhooks/{webhook}/try',
    'DELETE /api/v1/webhooks/{webhook}',
];

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
