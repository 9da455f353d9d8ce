<?php

declare(strict_types=1);

use Tests\Browser\Support\Http;
use Tests\Browser\Support\Instance;
use Tests\Browser\Support\Page;
use Tests\Browser\Support\Wait;

const NORTH_RINGS = '01900000-0000-7000-8000-000000000015';

/**
 * A class of today whose athletes row at the North rings and do nothing else, each with so many sets before them.
 *
 * @return array{string, list<string>, string} its name, the athletes, and its id
 */
function classOfRowers(int $many, int $sets, string $at, int $minutes): array
{
    $http = Http::signedIn(Instance::url());
    $name = 'Rowers '.substr(uuid(), -6);
    $class = [
        'id' => uuid(),
        'name' => $name,
        'first_on' => (new DateTimeImmutable('now', new DateTimeZone('Europe/London')))->format('Y-m-d'),
        'at' => $at,
        'minutes' => $minutes,
        'tags' => [$name],
    ];
    $row = ['setup' => ['kind' => 'row', 'ring_id' => NORTH_RINGS, 'strap_m' => 1.4, 'heel_mark_m' => 0.0]];
    $ids = [];
    foreach (range(1, $many) as $n) {
        $ids[] = $id = uuid();
        $done = fn (string $path, array $body, string $verb = 'POST') => expect(
            $http->send($verb, "/api/v1/athletes/$id$path", $body)[0],
        )->toBeIn([200, 201, 204], $path);
        expect(
            $http->send(
                'POST',
                '/api/v1/athletes',
                [
                    'id' => $id,
                    'name' => sprintf('%s %02d', $name, $n),
                    'kind' => 'gym',
                    'mass_kg' => 70,
                    'stature_m' => 1.75,
                    'tags' => [$name],
                ],
            )[0],
        )->toBe(201);
        $done('/screenings', ['id' => uuid(), 'overhead' => 'level']);
        $done(
            '/sets',
            [
                'id' => uuid(),
                'performed_at' => gmdate(DATE_RFC3339, time() - 4 * 86400),
                'purpose' => 'baseline',
                'exercise' => $row,
                'clean_reps' => 12,
                'reserve' => 1,
            ],
        );
        $done('/setup', $row, 'PUT');
        $done('/place', ['id' => uuid(), 'method' => 'rows-first', 'stage' => 'upright', 'reason' => 'Rows.']);
        $session = $http->send('GET', "/api/v1/athletes/$id/session")[1];
        $main = array_values(array_filter($session['blocks'], fn (array $b): bool => $b['part'] === 'main' && $b['rung'] !== null))[0];
        foreach (array_slice($session['blocks'], 0, 1 + (int) array_search($main, $session['blocks'], true)) as $block) {
            $done(
                '/session/changes',
                ['id' => uuid(), 'line' => $block['line'], 'lasts' => false] + (
                    $block['line'] === $main['line'] ? ['sets' => $sets] : ['left_out' => true]
                ),
            );
        }
    }
    expect($http->send('POST', '/api/v1/classes', $class)[0])->toBe(201);

    return [$name, $ids, $class['id']];
}

/** Has this class on the floor of a device, whichever came up by itself. */
function pickClass(Page $page, string $class): void
{
    Wait::until(
        fn (): bool => (bool) $page->script(
            "const s = document.querySelector('.menu select'); const o = s && [...s.options].find((o) => o.text.startsWith('$class')); if (!o) return false; s.value = o.value; s.dispatchEvent(new Event('change')); return true;",
        ),
        'The class is not to be picked.',
    );
}
