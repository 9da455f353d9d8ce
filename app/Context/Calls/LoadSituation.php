<?php

declare(strict_types=1);

namespace App\Context\Calls;

use App\Context\Athletes\LoadAthleteContext;
use App\Models\Athletes\Athlete;
use SteadyRung\Call\Situation\Situation;
use SteadyRung\Call\Situation\SituationOf;
use SteadyRung\Plan\Session\Course;

/**
 * What is known of an athlete as the situation a call is made from.
 */
final readonly class LoadSituation
{
    public function __construct(private LoadAthleteContext $contexts)
    {
    }

    /** Null while nobody put the athlete on a set-up; pain and symptoms need none. */
    public function of(Athlete $athlete): ?Situation
    {
        $context = $this->contexts->of($athlete);
        $isTold = $context->diary->pain() !== null || $context->diary->symptoms() !== [];

        return $athlete->chosen === null && ! $isTold ? null : SituationOf::context($context, Course::of($context));
    }
}
