<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Gym\User;
use Illuminate\Auth\SessionGuard;
use Illuminate\Contracts\Auth\Factory as Auth;
use Illuminate\Http\Request;

/**
 * Signing in and out, each with a session of its own.
 */
final readonly class WebGuard
{
    public function __construct(private Auth $auth)
    {
    }

    public function enter(Request $request, User $user): void
    {
        $this->guard()->login($user);
        $request->session()->regenerate();
    }

    public function leave(Request $request): void
    {
        $this->guard()->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();
    }

    private function guard(): SessionGuard
    {
        $guard = $this->auth->guard('web');
        assert($guard instanceof SessionGuard);

        return $guard;
    }
}
