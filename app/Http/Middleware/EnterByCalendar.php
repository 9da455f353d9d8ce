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
use App\Models\Gym\Gym;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * A calendar asks by an address alone, so what opens it stands in the address, and opens nothing else. An athlete's ends with their link.
 */
final readonly class EnterByCalendar
{
    private const FREE_GUESSES = 20;

    public function __construct(private LinkToken $tokens, private CurrentGym $gym, private GymDay $days, private SlowTries $tries)
    {
    }

    public static function to(LinkUse $use): string
    {
        return self::class.":$use->name";
    }

    public function handle(Request $request, Closure $next, string $use): Response
    {
        $guesses = SlowTries::key('calendar', (string) $request->ip());
        $this->tries->begin([$guesses], 'wrong calendars');
        $token = $request->route('token');
        $id = $this->tokens->idOf(is_string($token) ? $token : '', $use === LinkUse::Classes->name ? LinkUse::Classes : LinkUse::Sessions);
        if ($id === null) {
            $this->tries->failed($guesses, self::FREE_GUESSES);
            throw self::ended();
        }
        $request->route()->forgetParameter('token');
        $use === LinkUse::Classes->name ? $this->enterGym($id) : $this->enterAthlete($request, $id);

        return $next($request);
    }

    private function enterGym(string $calendarId): void
    {
        $this->gym->enter(Gym::query()->where('calendar_id', $calendarId)->first() ?? throw self::ended());
    }

    private function enterAthlete(Request $request, string $linkId): void
    {
        $link = AthleteLink::anywhere($linkId) ?? throw self::ended();
        $this->gym->enter($link->gym_id);
        $athlete = Athlete::query()->findOrFail($link->athlete_id);
        $link->isOpen($this->days->today()) && $athlete->archived_at === null || throw self::ended();
        $request->route()->setParameter('athlete', $athlete);
    }

    private static function ended(): Problem
    {
        return new Problem(ProblemCode::LinkEnded, 'This calendar has ended, or was never one.');
    }
}
