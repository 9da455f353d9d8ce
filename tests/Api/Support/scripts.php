<?php

declare(strict_types=1);

use Tests\ApiTestCase;

/**
 * A token of the gym that is signed in.
 *
 * @param  list<string>  $scopes
 * @return array{string, string} what a script shows, and the token's id
 */
function addToken(ApiTestCase $test, array $scopes, int $days = 30): array
{
    $id = uuid();
    $body = ['id' => $id, 'name' => 'Door counter', 'scopes' => $scopes, 'days' => $days];

    return [(string) $test->postJson('/api/v1/tokens', $body)->assertCreated()->json('token'), $id];
}

/** From here on the test asks as a script does: without a page, a cookie or a sign-in. */
function asScript(ApiTestCase $test, string $token): ApiTestCase
{
    app('auth')->forgetGuards();
    app('session')->flush();
    $test->flushHeaders();

    return $test->withHeaders(['Accept' => 'application/json', 'Authorization' => "Bearer $token"]);
}

/** @param  list<string>  $events */
function addWebhook(ApiTestCase $test, array $events, string $address = 'https://counter.example/told'): string
{
    $id = uuid();
    $test->putJson('/api/v1/webhooks', ['id' => $id, 'address' => $address, 'events' => $events])->assertOk();

    return $id;
}
