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
 * From here on only the gym of what was given out exists, and of it one athlete where it is an athlete's. The token of a page comes in a
 * header and is in no address that is logged; a calendar asks by an address alone, so there it stands in it, and opens nothing else.
 */
final readonly class EnterByLink
{
    public const HEADER = 'Athlete-Link';

    public function __construct(private LinkToken $tokens, private CurrentGym $gym, private GymDay $days, private SlowTries $tries)
    {
    }

    public static function to(LinkUse $use): string
    {
        return self::class.":$use->name";
    }

    public function handle(Request $request, Closure $next, string $name): Response
    {
        $use = constant(LinkUse::class."::$name");
        assert($use instanceof LinkUse);
        $kind = $use === LinkUse::OwnPage ? 'link' : 'calendar';
        $token = self::token($request, $use);
        $id = $this->tries->guess($kind, (string) $request->ip(), "wrong {$kind}s", fn (): ?string => $this->tokens->idOf($token, $use))
            ?? throw self::ended($use);
        $use === LinkUse::Classes ? $this->enterGym($id) : $this->enterAthlete($request, $id, $use);

        return $next($request);
    }

    /** The actions know the athlete, and not by what they were found. */
    private static function token(Request $request, LinkUse $use): string
    {
        $token = $use === LinkUse::OwnPage ? $request->headers->get(self::HEADER) : $request->route('token');
        $request->route()->forgetParameter('token');

        return is_string($token) ? $token : '';
    }

    private function enterGym(string $calendarId): void
    {
        $this->gym->enter(Gym::query()->where('calendar_id', $calendarId)->first() ?? throw self::ended(LinkUse::Classes));
    }

    private function enterAthlete(Request $request, string $linkId, LinkUse $use): void
    {
        $link = AthleteLink::anywhere($linkId) ?? throw self::ended($use);
        $this->gym->enter($link->gym_id);
        $athlete = Athlete::query()->findOrFail($link->athlete_id);
        if (! $link->isOpen($this->days->today()) || $athlete->archived_at !== null) {
            throw self::ended($use);
        }
        $request->route()->setParameter('athlete', $athlete);
        $use !== LinkUse::OwnPage || $request->route()->setParameter('link', $link);
    }

    private static function ended(LinkUse $use): Problem
    {
        return new Problem(ProblemCode::LinkEnded, $use === LinkUse::OwnPage
            ? 'This link has ended, or was never one. Ask your coach for a new one.'
            : 'This calendar has ended, or was never one.');
    }
}
