<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Actions\CatchUp;
use App\Models\Athlete;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Whoever looks at what follows from the log sees what follows from all of it.
 */
final readonly class FollowLog
{
    public function __construct(private CatchUp $catchUp)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        $athlete = $request->route('athlete');
        if ($this->catchUp->now($athlete instanceof Athlete ? $athlete->id : (is_string($athlete) ? $athlete : null)) && $athlete instanceof Athlete) {
            $athlete->refresh();
        }

        return $next($request);
    }
}
