<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Actions\Gym\SlowTries;
use App\Context\Athletes\LinkToken;
use App\Context\Athletes\LinkUse;
use App\Context\Gym\CurrentGym;
use App\Context\Gym\GymDay;
use App\Models\Athletes\Athlete;
use App\Models\Athletes\AthleteLink;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * From here on only the gym of the link exists, and of it one athlete. The token comes in a header and is in no address that is logged.
 */
final readonly class EnterByLink
{
    public const HEADER = 'Athlete-Link';

    private const FREE_GUESSES = 20;

    public function __construct(private LinkToken $tokens, private CurrentGym $gym, private GymDay $days, private SlowTries $tries)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        $guesses = SlowTries::key('link', (string) $request->ip());
        $this->tries->begin([$guesses], 'wrong links');
        $id = $this->tokens->idOf((string) $request->headers->get(self::HEADER), LinkUse::OwnPage);
        if ($id === null) {
            $this->tries->failed($guesses, self::FREE_GUESSES);
            throw self::ended();
        }
        $link = AthleteLink::anywhere($id) ?? throw self::ended();
        $this->gym->enter($link->gym_id);
        $athlete = Athlete::query()->findOrFail($link->athlete_id);
        if (! $link->isOpen($this->days->today()) || $athlete->archived_at !== null) {
            throw self::ended();
        }
        $request->route()->setParameter('athlete', $athlete);
        $request->route()->setParameter('link', $link);

        return $next($request);
    }

    private static function ended(): Problem
    {
        return new Problem(ProblemCode::LinkEnded, 'This link has ended, or was never one. Ask your coach for a new one.');
    }
}
