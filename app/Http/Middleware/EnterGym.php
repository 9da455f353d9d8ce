<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Context\Gym\CurrentGym;
use App\Models\Gym\User;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * From here on only the signed-in coach's gym exists.
 */
final readonly class EnterGym
{
    public function __construct(private CurrentGym $gym)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        /** @var User $coach */
        $coach = $request->user();
        $this->gym->enter($coach->gym_id);

        return $next($request);
    }
}
