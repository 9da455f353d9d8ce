<?php

declare(strict_types=1);

use Facebook\WebDriver\Exception\WebDriverException;
use Symfony\Component\Process\Process;
use Tests\Browser\Support\Driver;
use Tests\Browser\Support\Http;
use Tests\Browser\Support\Instance;
use Tests\Browser\Support\Page;
use Tests\Browser\Support\Wait;

const ROUNDS = 12;

/** The server's clock is known on a device to the second. */
const CLOCK_OFF_S = 2.0;

const PASSWORD = 'chalk-and-rope';

/**
 * Coaches of the gym, the demo's first.
 *
 * @return list<array{string, string}> email and id of each
 */
function coaches(int $many): array
{
    $http = Http::signedIn(Instance::url());
    $all = [['coach@hollowbrook.example', '01900000-0000-7000-8000-000000000002']];
    while (count($all) < $many) {
        $all[] = [$email = 'coach-'.substr($id = uuid(), -6).'@hollowbrook.example', $id];
        [$status, $invitation] = $http->send('POST', '/api/v1/staff', ['id' => $id, 'name' => "Second Coach $email", 'email' => $email, 'role' => 'coach']);
        expect($status)->toBe(201);
        $link = ['Password-Link' => substr((string) $invitation['path'], strlen('/password#'))];
        expect($http->send('PUT', '/api/v1/password-link', ['password' => PASSWORD], headers: $link)[0])->toBe(204);
    }

    return $all;
}

/** Where the browser of a device keeps its things. */
function profile(string $device): string
{
    return sys_get_temp_dir()."/steady-device-$device-".getmypid();
}

/** A device of a coach on the floor: a browser on a profile of its own. */
final class Device
{
    private Page $page;

    public function __construct(private readonly string $profile, private readonly string $class, private readonly string $email)
    {
        $this->open();
        $this->page->signIn($this->email, PASSWORD)->visit('/today');
        pickClass($this->page, $class);
        $this->page->see("$class")->see('12 here')->press('Athletes');
        Wait::until(
            fn (): bool => (bool) $this->page->script('return navigator.serviceWorker.ready.then((r) => r.active?.state === "activated")'),
            'The client is not on the device.',
        );
    }

    public function open(): void
    {
        $this->page = Page::open(Instance::url(), 1280, 800, Driver::running()->browser($this->profile));
    }

    public function kill(): void
    {
        Driver::kill($this->profile);
        try {
            $this->page->driver->quit();
        } catch (WebDriverException) {
            // it is gone already
        }
    }

    public function visit(): void
    {
        $this->page->visit('/today')->see($this->class)->see('as asked')->press('Athletes');
    }

    /**
     * One tap for each of these athletes; each shows at once that it was taken.
     *
     * @param  list<string>  $ids
     */
    public function tap(array $ids): void
    {
        $tapped = $this->page->script(
            'const ids = '.json_encode($ids)
                .'; return ids.filter((id) => { const go = document.querySelector(`[data-athlete="${id}"] .go`); go?.click(); return go; }).length',
        );
        expect($tapped)->toBe(count($ids));
        Wait::until(
            fn (): bool => $this->page->script(
                'return '.json_encode($ids).'.every((id) => document.querySelector(`[data-athlete="${id}"]`).textContent.includes("Undo"))',
            ),
            fn (): string => 'A tap was not taken. '.implode(' ', $this->page->consoleErrors()).$this->page->text(),
        );
    }

    /**
     * Waits until everybody's tile shows so many sets.
     *
     * @param  list<string>  $ids
     */
    public function sees(int $sets, array $ids): void
    {
        Wait::until(
            fn (): bool => $this->page->script(
                'return '.json_encode($ids).".every((id) => document.querySelector(`[data-athlete=\"\${id}\"] [aria-label^='$sets of ']`))",
            ),
            fn (): string => "Not everybody has $sets sets here. ".$this->page->text(),
        );
    }

    /** A browser that falls within half a minute of the sign-in has not written its cookies down yet: the coach signs in again. */
    public function isSent(): void
    {
        Wait::until(function (): bool {
            if (str_contains($this->page->text(), 'Password')) {
                $this->page->fill('Email', $this->email)->fill('Password', PASSWORD)->press('Sign in')->dontSee('Password');
            }

            return preg_match('/sets? waits?/', $this->page->text()) === 0;
        }, fn (): string => 'Sets still wait. '.$this->page->text());
        expect($this->page->text())->not->toContain('refused');
    }
}

/** Whatever a walk leaves dead, the next one finds alive, and no browser of it stays. */
afterEach(function (): void {
    foreach (glob(profile('*')) ?: [] as $profile) {
        Driver::kill($profile);
        (new Process(['rm', '-rf', $profile]))->mustRun();
    }
    if ((new Http(Instance::url()))->send('GET', '/api/v1/health')[0] !== 200) {
        startAgain();
    }
});

it('loses and doubles nothing of twelve athletes by twelve sets, logged by two coaches who see each other’s, while everything dies in turn', function (
    int $devices,
): void {
    [$class, $ids] = classOfRowers(12, ROUNDS, '00:00', 240);
    $profiles = array_map(fn (int $n): string => profile((string) $n), range(1, $devices));
    $coaches = coaches($devices);
    $floor = array_map(fn (string $profile, array $coach): Device => new Device($profile, $class, $coach[0]), $profiles, $coaches);
    $shares = array_chunk($ids, intdiv(count($ids), $devices));
    $taps = [];
    $round = function () use ($floor, $shares, &$taps): void {
        foreach ($floor as $i => $device) {
            $began = microtime(true);
            $device->tap($shares[$i]);
            $taps[] = [$began, microtime(true)];
        }
        usleep(3_050_000); // sooner it would be the same set
    };
    foreach (range(1, 3) as $ignored) {
        $round();
    }
    foreach ($floor as $device) {
        $device->sees(3, $ids);
    }
    // PostgreSQL and php-fpm die while a round is being sent.
    $killer = new Process(['sh', '-c', sprintf('sleep 0.05; kill -9 %d; pkill -9 -g %d php-fpm8.2', postmaster(), pid('fpm'))]);
    $killer->start();
    foreach (range(4, 6) as $ignored) {
        $round();
    }
    foreach ($floor as $device) {
        $device->visit();
    }
    foreach (range(7, 8) as $ignored) {
        $round();
    }
    foreach ($floor as $device) {
        $device->kill();
        $device->open();
        $device->visit();
    }
    foreach (range(9, 10) as $ignored) {
        $round();
    }
    startAgain();
    foreach (range(11, ROUNDS) as $ignored) {
        $round();
    }
    foreach ($floor as $device) {
        $device->isSent();
        $device->kill();
    }
    $sets = database('steady', 'database')->prepare(
        "SELECT id, user_id, extract(epoch FROM performed_at) AS at FROM logged_sets WHERE athlete_id = ? AND purpose = 'work' AND NOT withdrawn ORDER BY logged_at, performed_at",
    );
    foreach ($shares as $i => $share) {
        foreach ($share as $athlete) {
            $sets->execute([$athlete]);
            $rows = $sets->fetchAll(PDO::FETCH_ASSOC);
            $at = array_map(floatval(...), array_column($rows, 'at'));
            $tapped = array_values(array_filter($taps, fn (int $n): bool => $n % count($shares) === $i, ARRAY_FILTER_USE_KEY));
            $sorted = $at;
            sort($sorted);
            expect($rows)->toHaveCount(ROUNDS)->and(array_unique(array_column($rows, 'id')))->toHaveCount(ROUNDS)->and($at)->toBe($sorted)
                ->and(array_unique(array_column($rows, 'user_id')))->toBe([$coaches[$i][1]]);
            foreach ($at as $n => $moment) {
                [$began, $ended] = $tapped[$n];
                expect($moment)->toBeGreaterThan($began - CLOCK_OFF_S)->toBeLessThan($ended + CLOCK_OFF_S);
            }
        }
    }
})->with([(int) (getenv('STEADY_DEVICES') ?: 2)])->group('kills'); // two hold what one does; STEADY_DEVICES=1 walks one alone
