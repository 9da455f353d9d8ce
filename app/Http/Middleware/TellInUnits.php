<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Context\Gym\CurrentGym;
use App\Formats\Units\Units;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * What the core words is told in the gym’s units; figures of their own field stay in the unit that their name ends in.
 */
final readonly class TellInUnits
{
    public function __construct(private CurrentGym $gym)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        $answer = $next($request);
        $text = $answer instanceof JsonResponse ? (string) $answer->getContent() : '';

        return $this->gym->isEntered() && Units::areIn($text) && ! $this->gym->units()->areSi()
            ? $answer->setContent($this->gym->units()->told($text))
            : $answer;
    }
}
