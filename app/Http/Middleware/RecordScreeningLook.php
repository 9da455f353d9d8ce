<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Actions\Screening\RecordLook;
use App\Models\Athletes\Athlete;
use App\Models\Gym\User;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Whoever reads the answers of a screen is recorded before they are read.
 */
final readonly class RecordScreeningLook
{
    public function __construct(private RecordLook $look)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        /** @var User $coach */
        $coach = $request->user();
        /** @var Athlete $athlete */
        $athlete = $request->route('athlete');
        /** @var string $screening */
        $screening = $request->route('screening');
        $this->look->at($athlete, $screening, $coach);

        return $next($request);
    }
}
