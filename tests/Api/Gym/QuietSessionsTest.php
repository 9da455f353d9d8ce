<?php

declare(strict_types=1);

use App\Http\QuietSessions;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;

const IDLE_MINUTES = 120;

beforeEach(function (): void {
    DB::table('sessions')->delete();
    /** As each request has it: a store of its own. */
    $this->store = fn (): QuietSessions => new QuietSessions(DB::connection(), $this->clock, IDLE_MINUTES, 'A browser');
    $this->signedIn = fn (string $more = ''): string => 'a:1:{s:50:"login_web_'.str_repeat('a', 40)."\";s:36:\"{$this->coach->id}\";}$more";
    /** A request of a session: reads it, writes it, and answers what was read and how many times something was written. */
    $this->request = function (string $id, ?string $changed = null): array {
        $store = ($this->store)();
        $read = $store->read($id);
        $writes = 0;
        DB::listen(function (QueryExecuted $query) use (&$writes): void {
            $writes += str_starts_with($query->sql, 'insert') ? 1 : 0;
        });
        $store->write($id, $changed ?? $read);

        return [$read, $writes];
    };
});

it('writes where something changed, and otherwise once a minute', function (): void {
    $payload = ($this->signedIn)();
    expect(($this->request)('s', $payload))->toBe(['', 1])
        ->and(($this->request)('s'))->toBe([$payload, 0]);
    $this->clock->passSeconds(59);
    expect(($this->request)('s')[1])->toBe(0)->and(($this->request)('s', $payload.'x')[1])->toBe(1);
    $this->clock->passSeconds(60);
    expect(($this->request)('s')[1])->toBe(1)
        ->and(DB::table('sessions')->where('id', 's')->value('last_activity'))->toBe($this->clock->now()->getTimestamp());
});

it('keeps whoever is signed in beside what they keep, and nobody where nobody is', function (): void {
    ($this->request)('coach', ($this->signedIn)());
    ($this->request)('nobody', 'a:0:{}');

    expect(DB::table('sessions')->pluck('user_id', 'id')->all())->toEqual(['coach' => $this->coach->id, 'nobody' => null]);
});

it('ends when nothing was asked for two hours, and a week after the sign-in however much was', function (): void {
    $payload = ($this->signedIn)();
    ($this->request)('idle', $payload);
    ($this->request)('busy', $payload);
    for ($hours = 0; $hours < 7 * 24; $hours++) {
        expect(($this->request)('busy')[0])->toBe($payload);
        $this->clock->passSeconds(3600);
        if ($hours === 0) {
            expect(($this->store)()->read('idle'))->toBe($payload);
        }
    }

    expect(($this->store)()->read('idle'))->toBe('')->and(($this->store)()->read('busy'))->toBe('');
});

it('sweeps away what has ended, and after an hour what nobody signed in with', function (): void {
    ($this->request)('coach', ($this->signedIn)());
    ($this->request)('nobody', 'a:0:{}');
    $left = function (int $seconds): array {
        $this->clock->passSeconds($seconds);
        ($this->store)()->gc(IDLE_MINUTES * 60);

        return DB::table('sessions')->orderBy('id')->pluck('id')->all();
    };

    expect($left(3599))->toBe(['coach', 'nobody'])->and($left(2))->toBe(['coach'])->and($left(3600))->toBe([]);
});

it('forgets a session that is ended, and begins another under the same id anew', function (): void {
    $payload = ($this->signedIn)();
    ($this->request)('s', $payload);
    $began = DB::table('sessions')->value('began_at');
    $this->clock->passSeconds(500);
    ($this->store)()->destroy('s');
    expect(($this->request)('s', $payload))->toBe(['', 1])->and(DB::table('sessions')->value('began_at'))->toBe($began + 500);
});
