<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Actions\Calls\RemakeCalls;
use App\Actions\RecalculateDue;
use App\Models\Athletes\Athlete;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Whoever looks at what follows from the log sees what follows from all of it, on the gear there is.
 */
final readonly class RecalculateFirst
{
    public function __construct(private RecalculateDue $catchUp, private RemakeCalls $calls)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        $athlete = $request->route('athlete');
        $athlete instanceof Athlete ? $this->bringUpToDate($athlete) : $this->catchUp->now();

        return $next($request);
    }

    private function bringUpToDate(Athlete $athlete): void
    {
        $followed = $athlete->follow_from !== null && $this->catchUp->now($athlete->id);
        $remade = $this->calls->of($athlete);
        if ($followed || $remade) {
            $athlete->refresh();
        }
    }
}
