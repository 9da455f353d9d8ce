<?php

declare(strict_types=1);

namespace Tests;

use App\Context\Gym\CurrentGym;
use App\Models\Gym\Gym;
use App\Models\Gym\Role;
use App\Models\Gym\User;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Foundation\Testing\WithCachedConfig;
use Illuminate\Foundation\Testing\WithCachedRoutes;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Psr\Clock\ClockInterface;
use Tests\Api\Support\SetClock;

/**
 * Tests of the API: one gym with a coach signed in, a clock that stands still until it is set.
 */
abstract class ApiTestCase extends TestCase
{
    use WithCachedConfig, WithCachedRoutes; // of the first test, for all

    public SetClock $clock;

    protected User $coach;

    protected function setUp(): void
    {
        parent::setUp();
        $this->clock = new SetClock(new \DateTimeImmutable('2026-03-02T18:00:00Z'));
        $this->app?->instance(ClockInterface::class, $this->clock);
        $this->coach = $this->makeCoach('coach@one.example');
        $this->signInAs($this->coach);
    }

    /** The owner of a gym of their own. */
    public function makeCoach(string $email): User
    {
        $gym = Gym::query()->create(['id' => (string) Str::uuid7(), 'name' => "Gym of $email", 'timezone' => 'Europe/London']);

        return User::query()->create([
            'id' => (string) Str::uuid7(),
            'gym_id' => $gym->id,
            'name' => 'Coach',
            'email' => $email,
            'password' => 'right-password',
            'role' => Role::Owner,
        ]);
    }

    public function signInAs(User $coach): static
    {
        $this->app?->make('auth')->forgetGuards();
        $this->app?->make('session')->flush();
        $this->app?->make(CurrentGym::class)->enter($coach->gym_id);

        return $this->actingAs($coach, 'web')->withoutHeader('Authorization')->withHeaders(['Accept' => 'application/json', 'Origin' => 'http://127.0.0.1:8080']);
    }

    /**
     * Sends a body as it is, well-formed or not.
     *
     * @param  array<string, string>  $headers
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    public function raw(string $method, string $path, string $body, array $headers = []): TestResponse
    {
        return $this->call(
            $method,
            $path,
            [],
            [],
            [],
            $this->transformHeadersToServerVars([
                'Content-Type' => 'application/json',
                'Accept' => 'application/json',
                'Origin' => 'http://127.0.0.1:8080',
                ...$headers,
            ]),
            $body,
        );
    }
}
