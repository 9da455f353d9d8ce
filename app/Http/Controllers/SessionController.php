<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\Body;
use App\Http\Docs\Nothing;
use App\Http\Requests\SignInInput;
use App\Models\User;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use App\Reading\MeJson;
use Illuminate\Auth\SessionGuard;
use Illuminate\Cache\RateLimiter;
use Illuminate\Contracts\Auth\Factory as Auth;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

final readonly class SessionController
{
    private const TRIES = 5;

    private const TRIES_PER_ADDRESS = 30;

    private const LOCKED_S = 60;

    public function __construct(private Auth $auth, private RateLimiter $limiter)
    {
    }

    #[OA\Get(path: '/api/me', operationId: 'me', responses: [new Answer(200, MeJson::class)])]
    public function show(Request $request): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();

        return new JsonResponse(MeJson::of($user));
    }

    #[OA\Post(path: '/api/sign-in', operationId: 'signIn', requestBody: new Body(SignInInput::class), responses: [new Answer(200, MeJson::class)])]
    public function signIn(Request $request, JsonObject $json): JsonResponse
    {
        if (! $request->hasSession()) {
            throw new Problem(ProblemCode::ForeignOrigin, 'Sign in from the application’s own page.');
        }
        $input = SignInInput::read($json);
        $keys = ["sign-in|$input->email" => self::TRIES, 'sign-in|'.$request->ip() => self::TRIES_PER_ADDRESS];
        $this->refuseTooMany($keys);
        $guard = $this->guard();
        if (! $guard->attempt(['email' => $input->email, 'password' => $input->password])) {
            throw new Problem(ProblemCode::WrongSignIn, 'Check both and try again.');
        }
        $this->limiter->clear("sign-in|$input->email");
        $request->session()->regenerate();
        /** @var User $user */
        $user = $guard->user();

        return new JsonResponse(MeJson::of($user));
    }

    #[OA\Post(path: '/api/sign-out', operationId: 'signOut', responses: [new Nothing])]
    public function signOut(Request $request): Response
    {
        $this->guard()->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return new Response(status: 204);
    }

    /**
     * Counts the try before looking at the password, so that many at once are slowed down too.
     *
     * @param  array<string, int>  $keys  what is counted => how many are allowed
     */
    private function refuseTooMany(array $keys): void
    {
        foreach ($keys as $key => $tries) {
            if ($this->limiter->hit($key, self::LOCKED_S) > $tries) {
                $wait = max(1, $this->limiter->availableIn($key));
                throw new Problem(ProblemCode::TooManyTries, "Too many wrong passwords. Wait $wait s, then try again.", retryAfterS: $wait);
            }
        }
    }

    private function guard(): SessionGuard
    {
        $guard = $this->auth->guard('web');
        assert($guard instanceof SessionGuard);

        return $guard;
    }
}
