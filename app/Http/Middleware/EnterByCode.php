<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Actions\Gym\SlowTries;
use App\Context\Gym\CurrentGym;
use App\Models\Floor\ClassBoard;
use App\Models\Floor\GymClass;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use Closure;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Response;

/**
 * From here on only the gym of a board exists, and of its classes one on one day. The code comes in a header and stands in no address.
 */
final readonly class EnterByCode
{
    public const HEADER = 'Board-Code';

    public function __construct(private CurrentGym $gym, private SlowTries $tries, private ClockInterface $clock)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        $code = ClassBoard::plain((string) $request->headers->get(self::HEADER));
        $board = $this->tries->guess('board', (string) $request->ip(), 'wrong codes', static fn (): ?ClassBoard => ClassBoard::anywhere($code))
            ?? throw new Problem(ProblemCode::LinkEnded, 'No board has this code. It may have ended; ask the coach for the code of today.');
        $this->gym->enter($board->gym_id);
        $class = GymClass::query()->findOrFail($board->class_id);
        if (ClassBoard::endsAt($class, $board->held_on, $this->gym->timezone()) < $this->clock->now()) {
            throw new Problem(ProblemCode::LinkEnded, 'The class has ended, and this board with it.');
        }
        $request->route()->setParameter('held', $class);
        $request->route()->setParameter('on', $board->held_on);

        return $next($request);
    }
}
